'use client';

import type { Piece } from '@tavu/core/phrasing';
import { findingsOfLink } from '@tavu/core/check';
import { Findings, goOnAt, IconButton, Sheet, Small, Tip } from '../ui';
import { screenById, targetName, type Link, withId } from '@tavu/core/model';
import { isConfirm } from '@tavu/core/starter';
import { sentenceOf, sentenceText } from '@tavu/core/words';
import { StickyNote, Trash2 } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Notes, notesWords, openNotes } from '../notes';
import { choose, edit, useStudio } from '../store';
import { editorOfTrigger } from '../triggers';
import { Blank } from './Blank';
import { blankIn } from './blankIn';
import { AddEffect } from './EffectBlank';
import { Effects } from './Effects';
import { ConditionSheet } from './Expressions';

/** One link as a sentence; the chosen one shows what it does in order, how to add to it and take it out. */
export function Sentence({ link, handle }: { link: Link; handle: ReactNode }) {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen.link === link.id);
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Chosen by a press on one of its blanks, it stays under the pointer.
    if (chosen && !ref.current!.contains(document.activeElement))
      ref.current!.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <div
      ref={ref}
      data-link={link.id}
      role="group"
      aria-label={sentenceText(project, link)}
      aria-current={chosen || undefined}
      className={`group rounded-r border-l-3 py-1.5 pr-1.5 pl-2.5 leading-6 ${chosen ? 'border-chosen bg-chosen-wash' : 'border-line hover:border-strong'}`}
      onClick={() => choose({ link: link.id })}
      onFocus={() => !chosen && choose({ link: link.id })}
    >
      <p>
        {sentenceOf(project, link).map((piece, i, all) => (
          <SentencePiece key={i} piece={piece} before={all[i - 1]} after={all[i + 1]} link={link} />
        ))}
        {!chosen && openNotes(link) > 0 && (
          <StickyNote
            size={13}
            role="img"
            aria-label={notesWords(openNotes(link))}
            className="ml-1 inline text-chosen"
          />
        )}
      </p>
      <Findings of={findingsOfLink(project, link)} />
      {chosen && <Extras link={link} handle={handle} />}
    </div>
  );
}

function Extras({ link, handle }: { link: Link; handle: ReactNode }) {
  /** What is pressed goes; the keyboard goes on at the blank that says the same. */
  const add = (what: 'once' | 'aboveModal', blank: 'once' | 'above'): void => {
    edit('change link', { link: link.id, change: { [what]: true } });
    goOnAt(() => blankIn(link.id, blank));
  };
  return (
    <div className="mt-1 space-y-1">
      <Effects link={link} />
      <div className="flex flex-wrap items-center gap-1">
        <AddEffect link={link} />
        <AddCondition link={link} />
        {!link.once && <Small onClick={() => add('once', 'once')}>only once</Small>}
        <AskFirst link={link} />
        {editorOfTrigger(link.trigger).above && !link.aboveModal && (
          <Tip text="Works also while a modal screen is above">
            <Small onClick={() => add('aboveModal', 'above')}>also above modal</Small>
          </Tip>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-1">
        <span className="mr-auto">
          <Pile link={link} />
        </span>
        <LinkNotes link={link} />
        {handle}
        <IconButton
          name="Take this sentence out"
          onClick={(event) => {
            goOnBeside(event.currentTarget);
            edit('delete link', { link: link.id });
          }}
        >
          <Trash2 size={15} />
        </IconButton>
      </div>
    </div>
  );
}

/** A button that opens the notes on this sentence; its name tells how many are open. */
function LinkNotes({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const open = openNotes(link);
  return (
    <Sheet
      label="Notes on this sentence"
      trigger={
        <IconButton
          name={open === 0 ? 'Write a note on this sentence' : `${notesWords(open)} on this sentence`}
        >
          <StickyNote size={15} className={open > 0 ? 'text-chosen' : ''} />
        </IconButton>
      }
    >
      <div className="p-3">
        <Notes
          notes={link.notes}
          on={sentenceText(project, link)}
          put={(notes) => edit('change link', { link: link.id, change: { notes } })}
        />
      </div>
    </Sheet>
  );
}

/** Once a sentence is gone the keyboard is on the one that takes its place, or else on what makes a new one. */
function goOnBeside(pressed: HTMLElement): void {
  const list = pressed.closest('section');
  const here = pressed.closest('li > [role="group"]');
  const sentences = (): Element[] => [
    ...(list?.querySelectorAll('[aria-label="Sentences"] > li > [role="group"]') ?? []),
  ];
  const at = here ? sentences().indexOf(here) : -1;
  goOnAt(() => {
    const next = sentences()[at] ?? sentences().at(-1);
    return next?.querySelector('button') ?? [...(list?.querySelectorAll('button') ?? [])].at(-1);
  });
}

/** Offered to what a press, key or event does at once; not to an answer, nor to what asks already. */
function AskFirst({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const { to, trigger } = link;
  const asks = to && 'screen' in to && isConfirm(screenById(project, to.screen));
  if (asks || trigger.on === 'returned') return null;
  return (
    <Tip text="Opens a question with Yes and No first; this happens after Yes">
      <Small
        onClick={() => {
          edit('ask first', { link: link.id });
          goOnAt(() => blankIn(link.id, 'target'));
        }}
      >
        ask first
      </Small>
    </Tip>
  );
}

/** There until the sentence has a condition, and until that is done with. */
function AddCondition({ link }: { link: Link }) {
  const [open, setOpen] = useState(false);
  if (link.when !== undefined && !open) return null;
  const leave = (): void => {
    setOpen(false);
    const now = withId(useStudio.getState().project.links, link.id);
    if (now?.when !== undefined) goOnAt(() => blankIn(link.id, 'condition'));
  };
  return (
    <Sheet
      label="Only if"
      width="w-96"
      open={open}
      onOpen={(to) => (to ? setOpen(true) : leave())}
      trigger={<Small>if …</Small>}
    >
      {open && <ConditionSheet link={link} close={leave} />}
    </Sheet>
  );
}

/** A sign that ends a part of the sentence stays on the line of the blank before it. */
function SentencePiece({
  piece,
  before,
  after,
  link,
}: {
  piece: Piece;
  before: Piece | undefined;
  after: Piece | undefined;
  link: Link;
}) {
  if (!('blank' in piece))
    return <span>{before && 'blank' in before ? piece.words.slice(signAt(piece).length) : piece.words}</span>;
  const sign = signAt(after);
  const blank = <Blank piece={piece} link={link} />;
  if (sign === '') return blank;
  return (
    <span className="whitespace-nowrap *:whitespace-normal">
      {blank}
      {sign}
    </span>
  );
}

const signAt = (piece: Piece | undefined): string =>
  piece && !('blank' in piece) ? (/^[.,;:)]+/.exec(piece.words)?.[0] ?? '') : '';

/** What will be up after it: cards on cards. */
function Pile({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const name = withId(project.screens, link.from)?.name ?? 'Any screen';
  const target = targetName(project, link.to);
  const card = 'max-w-24 truncate rounded border border-strong bg-sheet px-1.5 text-xs leading-5';
  switch (link.kind) {
    case 'go':
    case 'swap':
      return (
        <span className="flex items-center gap-1 text-sm text-soft">
          <span className={card}>{name}</span> becomes <span className={card}>{target}</span>
        </span>
      );
    case 'open':
      return (
        <span className="flex items-center text-sm text-soft">
          <span className={`${card} translate-y-1`}>{name}</span>
          <span className={`${card} -ml-3 border-double border-3 bg-sheet`}>{target}</span>
        </span>
      );
    case 'back':
      return <span className="text-sm text-soft">what was beneath, or before</span>;
    case 'clear':
      return <span className="text-sm text-soft">only the base stays up</span>;
    default:
      return <span className={`${card} text-soft`}>{link.kind === 'end' ? 'nothing' : name}</span>;
  }
}
