'use client';

import { targetName, type Link } from '@tavu/core/model';
import { sentenceOf, sentenceText, type Piece } from '@tavu/core/words';
import { ChevronDown, ChevronUp, Trash2 } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { choose, edit, useStudio } from '../studio/store';
import { IconButton } from '../ui/parts';
import { Blank } from './Blank';
import { AddEffect } from './EffectBlank';

/** One link as a sentence; the chosen one shows how to order it, add to it and take it out. */
export function Sentence({ link, first, last }: { link: Link; first: boolean; last: boolean }) {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen.link === link.id);
  const ref = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (chosen) ref.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <li
      ref={ref}
      aria-label={sentenceText(project, link)}
      aria-current={chosen || undefined}
      className={`group rounded-r border-l-3 py-1.5 pr-1.5 pl-2.5 leading-6 ${chosen ? 'border-chosen bg-chosen-wash' : 'border-line hover:border-strong'}`}
      onClick={() => choose({ link: link.id })}
      onFocus={() => !chosen && choose({ link: link.id })}
    >
      <p>
        {sentenceOf(project, link).map((piece, i) => (
          <SentencePiece key={i} piece={piece} link={link} />
        ))}
      </p>
      {chosen && (
        <div className="mt-1 flex flex-wrap items-center justify-end gap-1">
          <span className="mr-auto">
            <Pile link={link} />
          </span>
          <span className="flex gap-1">
            <AddEffect link={link} />
            <IconButton
              name="Try this earlier"
              disabled={first}
              onClick={() => edit('move link', { link: link.id, by: -1 })}
            >
              <ChevronUp size={15} />
            </IconButton>
            <IconButton
              name="Try this later"
              disabled={last}
              onClick={() => edit('move link', { link: link.id, by: 1 })}
            >
              <ChevronDown size={15} />
            </IconButton>
            <IconButton name="Take this sentence out" onClick={() => edit('delete link', { link: link.id })}>
              <Trash2 size={15} />
            </IconButton>
          </span>
        </div>
      )}
    </li>
  );
}

function SentencePiece({ piece, link }: { piece: Piece; link: Link }) {
  return 'blank' in piece ? <Blank piece={piece} link={link} /> : <span>{piece.words}</span>;
}

/** What will be up after it: cards on cards. */
function Pile({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const name = project.screens.find((screen) => screen.id === link.from)?.name ?? 'Any screen';
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
