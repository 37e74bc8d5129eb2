'use client';

import type { Piece } from '@tavu/core/phrasing';
import {
  LONGEST_NAME,
  SOMEWHERE,
  screenById,
  targetName,
  type Link,
  type LinkKind,
  withId,
} from '@tavu/core/model';
import { isException } from '@tavu/core/motion';
import { KIND_WORDS } from '@tavu/core/words';
import { useState } from 'react';
import { edit, useStudio } from '../store';
import { goOnAt, Picker, type Choice, Button, Sheet } from '../ui';
import { editorOfTrigger, OutcomePicker, TriggerPicker } from '../triggers';
import { blankIn } from './blankIn';
import { EffectBlank } from './EffectBlank';
import { ConditionSheet, GivenSheet, GivesSheet, WhereSheet } from './Expressions';
import { MotionSheet } from '../motion';
import { useTargetChoices } from '../fields';
import { LaterSheet } from './LaterSheet';

type BlankPiece = Extract<Piece, { blank: string }>;

/** A blank: reads as a word, opens what can stand there instead. */
export function Blank({ piece, link }: { piece: BlankPiece; link: Link }) {
  const [open, setOpen] = useState(false);
  const project = useStudio((studio) => studio.project);
  const odd = piece.blank === 'motion' && isException(project, link);
  const look = piece.gone
    ? 'border-dashed border-warn text-warn'
    : odd
      ? 'underline decoration-live decoration-wavy underline-offset-3'
      : '';
  const button = (
    <button
      type="button"
      data-blank={piece.blank}
      data-effect={piece.effect}
      className={`blank ${look}`}
      title={odd ? 'It has a motion of its own' : undefined}
    >
      {piece.words}
    </button>
  );
  const close = (): void => {
    setOpen(false);
    goOnAt(() => blankIn(link.id, piece.blank, piece.effect));
  };
  return (
    <Sheet
      trigger={button}
      open={open}
      onOpen={setOpen}
      label={LABELS[piece.blank]}
      {...(WIDE.has(piece.blank) ? { width: 'w-96' } : {})}
    >
      {open && <Filling piece={piece} link={link} close={close} />}
    </Sheet>
  );
}

const WIDE: ReadonlySet<string> = new Set(['condition', 'awaits', 'where', 'since', 'during']);

const LABELS: Record<BlankPiece['blank'], string> = {
  trigger: 'What sets it off',
  when: 'Part of the press',
  after: 'How long',
  hold: 'Long press after',
  since: 'How it is counted',
  during: 'Counts only while',
  effect: 'What is shown or said',
  kind: 'What it does',
  target: 'Where it leads',
  motion: 'How it moves',
  awaits: 'What becomes true',
  answered: 'Which answer',
  condition: 'Only if',
  once: 'Only once',
  above: 'Also above modal screens',
  later: 'Delay',
  gives: 'What it is given',
  given: 'Parameters',
  where: 'Which rows',
  answer: 'What it answers',
  says: 'What is said there',
};

function Filling({ piece, link, close }: { piece: BlankPiece; link: Link; close: () => void }) {
  const OfTrigger = editorOfTrigger(link.trigger).blanks?.[piece.blank];
  if (OfTrigger)
    return (
      <OfTrigger
        link={link}
        trigger={link.trigger}
        put={(trigger) => edit('change link', { link: link.id, change: { trigger } })}
        close={close}
      />
    );
  switch (piece.blank) {
    case 'trigger':
      return (
        <TriggerPicker
          source={link.from}
          onPick={(trigger) => {
            edit('change link', { link: link.id, change: { trigger } });
            close();
          }}
        />
      );
    case 'effect':
      return <EffectBlank link={link} index={piece.effect ?? null} close={close} />;
    case 'kind':
      return <KindPicker link={link} close={close} />;
    case 'target':
      return <TargetPicker link={link} close={close} />;
    case 'motion':
      return <MotionSheet link={link} />;
    case 'condition':
      return <ConditionSheet link={link} close={close} />;
    case 'gives':
      return <GivesSheet link={link} index={piece.effect ?? 0} close={close} />;
    case 'given':
      return <GivenSheet link={link} param={piece.param ?? ''} effect={piece.effect} close={close} />;
    case 'where':
      return <WhereSheet link={link} index={piece.effect ?? 0} close={close} />;
    case 'later':
      return <LaterSheet link={link} index={piece.effect ?? 0} close={close} />;
    case 'says':
      return <SaysPicker link={link} close={close} />;
    case 'answer':
      return <AnswerPicker link={link} close={close} />;
    case 'once':
    case 'above':
      return (
        <div className="p-3">
          <p className="mb-2">
            {piece.blank === 'once'
              ? 'Happens once in a run; a restart allows it again.'
              : 'Works also while a modal screen is above.'}
          </p>
          <Button
            onClick={() => {
              const change = piece.blank === 'once' ? { once: undefined } : { aboveModal: undefined };
              edit('change link', { link: link.id, change });
              close();
            }}
          >
            Remove this
          </Button>
        </div>
      );
  }
}

/** Which answer a link gives when it closes its screen. */
function AnswerPicker({ link, close }: { link: Link; close: () => void }) {
  const screen = useStudio((studio) => screenById(studio.project, link.from));
  if (!screen) return null;
  return (
    <OutcomePicker
      screen={screen}
      label={(name) => name}
      none="nothing"
      onPick={(outcome) => {
        edit('change link', { link: link.id, change: { outcome } });
        close();
      }}
    />
  );
}

/** The conversation that what a link leads to plays. */
function SaysPicker({ link, close }: { link: Link; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  const pick = (says: string | undefined): void => {
    edit('change link', { link: link.id, change: { says } });
    close();
  };
  return (
    <Picker
      label="What is said there"
      placeholder="A conversation, or a new name"
      choices={[
        ...(project.conversations ?? []).map((conversation) => ({
          key: conversation.id,
          words: conversation.name,
          label: conversation.name,
          onPick: () => pick(conversation.id),
        })),
        {
          key: 'own',
          words: 'its own conversation',
          label: 'What it says by itself',
          onPick: () => pick(undefined),
        },
      ]}
      typed={(text) =>
        project.conversations?.some((conversation) => conversation.name.toLowerCase() === text.toLowerCase())
          ? []
          : [
              {
                key: 'new',
                group: 'New',
                words: text,
                label: `Write “${text.slice(0, LONGEST_NAME)}”`,
                hint: 'a conversation',
                onPick: () => {
                  const screen = link.to && 'screen' in link.to ? link.to.screen : null;
                  const says = edit('add conversation', { name: text.slice(0, LONGEST_NAME), screen });
                  pick(says);
                },
              },
            ]
      }
    />
  );
}

function KindPicker({ link, close }: { link: Link; close: () => void }) {
  const project = useStudio((studio) => studio.project);
  const fromOverlay = withId(project.screens, link.from)?.layer === 'overlay';
  const pick = (kind: LinkKind): void => {
    const leads = kind === 'go' || kind === 'open' || kind === 'swap';
    const to = leads ? (link.to ?? { gap: SOMEWHERE }) : undefined;
    edit('change link', { link: link.id, change: { kind, to: fitting(kind, to) } });
    close();
  };
  /** A target of another layer cannot stand behind the new words; it is left as a gap to fill. */
  const fitting = (kind: LinkKind, to: Link['to']): Link['to'] => {
    if (!to || 'gap' in to) return to;
    const layer = withId(project.screens, to.screen)?.layer;
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
