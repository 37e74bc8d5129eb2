'use client';

import { targetName, type Link, type LinkKind } from '@tavu/core/model';
import { KIND_WORDS, type Piece } from '@tavu/core/words';
import { useState } from 'react';
import { edit, useStudio } from '../studio/store';
import { Picker, type Choice } from '../ui/Picker';
import { Sheet } from '../ui/parts';
import { useCueChoices } from './cueChoices';
import { EffectPicker } from './EffectBlank';
import { MotionSheet } from './MotionSheet';
import { useTargetChoices } from './targetChoices';
import { HoldSheet, SinceSheet, TimeSheet, WhenPicker } from './timing';

type BlankPiece = Extract<Piece, { blank: string }>;

/** A blank: reads as a word, opens what can stand there instead. */
export function Blank({ piece, link }: { piece: BlankPiece; link: Link }) {
  const [open, setOpen] = useState(false);
  const look = piece.gone ? 'border-dashed border-warn text-warn' : '';
  const trigger = (
    <button type="button" className={`blank ${look}`}>
      {piece.words}
    </button>
  );
  const close = (): void => setOpen(false);
  return (
    <Sheet trigger={trigger} open={open} onOpen={setOpen} label={LABELS[piece.blank]}>
      {open && <Filling piece={piece} link={link} close={close} />}
    </Sheet>
  );
}

const LABELS: Record<BlankPiece['blank'], string> = {
  cue: 'What sets it off',
  when: 'At which part of the press',
  after: 'How long',
  hold: 'Held how long',
  since: 'Counted from',
  effect: 'What is shown or said',
  kind: 'What it does',
  target: 'Where it leads',
  motion: 'How it moves',
};

function Filling({ piece, link, close }: { piece: BlankPiece; link: Link; close: () => void }) {
  switch (piece.blank) {
    case 'cue':
      return <CuePicker link={link} close={close} />;
    case 'when':
      return <WhenPicker link={link} close={close} />;
    case 'after':
      return <TimeSheet link={link} close={close} />;
    case 'hold':
      return <HoldSheet link={link} close={close} />;
    case 'since':
      return <SinceSheet link={link} />;
    case 'effect':
      return <EffectPicker link={link} index={piece.effect ?? null} close={close} />;
    case 'kind':
      return <KindPicker link={link} close={close} />;
    case 'target':
      return <TargetPicker link={link} close={close} />;
    case 'motion':
      return <MotionSheet link={link} />;
  }
}

function CuePicker({ link, close }: { link: Link; close: () => void }) {
  const { choices, typed } = useCueChoices(link.from, (cue) => {
    edit('change link', { link: link.id, change: { cue } });
    close();
  });
  return (
    <Picker
      label="What sets it off"
      placeholder="A button, a key, an event, a time"
      choices={choices}
      typed={typed}
    />
  );
}

function KindPicker({ link, close }: { link: Link; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  const fromOverlay = project.screens.find((screen) => screen.id === link.from)?.layer === 'overlay';
  const pick = (kind: LinkKind): void => {
    const leads = kind === 'go' || kind === 'open' || kind === 'swap';
    const to = leads ? (link.to ?? { gap: 'Somewhere' }) : undefined;
    edit('change link', { link: link.id, change: { kind, to: fitting(kind, to) } });
    close();
  };
  /** A target of another layer cannot stand behind the new words; it is left as a gap to fill. */
  const fitting = (kind: LinkKind, to: Link['to']): Link['to'] => {
    if (!to || 'gap' in to) return to;
    const layer = project.screens.find((screen) => screen.id === to.screen)?.layer;
    const wanted = kind === 'go' ? 'base' : 'overlay';
    return layer === wanted ? to : { gap: `${targetName(project, to)}?` };
  };
  const choices: Choice[] = KINDS.filter((kind) => kind !== 'swap' || fromOverlay).map((kind) => ({
    key: kind,
    words: KIND_WORDS[kind],
    label: KIND_WORDS[kind],
    hint: KIND_HINTS[kind],
    onPick: () => pick(kind),
  }));
  return <Picker label="What it does" placeholder="Go, open, back …" choices={choices} />;
}

const KINDS: LinkKind[] = ['go', 'open', 'swap', 'back', 'clear', 'stay', 'end'];
const KIND_HINTS: Record<LinkKind, string> = {
  go: 'in place of this',
  open: 'this stays beneath',
  swap: 'in place of this overlay',
  back: 'to what was before',
  clear: 'down to the base',
  stay: 'only what it shows and says',
  end: 'tells the game it is over',
};

function TargetPicker({ link, close }: { link: Link; close: () => void }) {
  const { choices, typed } = useTargetChoices(link, close);
  return (
    <Picker label="Where it leads" placeholder="A screen, or a new name" choices={choices} typed={typed} />
  );
}
