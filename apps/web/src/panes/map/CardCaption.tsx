'use client';

import type { MapCard } from '@tavu/core/map';
import { readName, titleCase, type Id } from '@tavu/core/model';
import { Check, Clock, CornerUpLeft, Glasses, StickyNote, Timer, TriangleAlert, Waves } from 'lucide-react';
import { useShallow } from 'zustand/react/shallow';
import { notesWords } from '../../notes';
import { edit, useStudio } from '../../store';
import { Field, goOnAt } from '../../ui';
import { captionOf } from './caption';
import { cardButton } from './keys';

/** Typing puts another name in its place. */
const selectName = (box: HTMLElement | null): void => box?.querySelector('input')?.select();

/** The screen’s status, and whether there are open notes. */
export function CardProgress({ id }: { id: Id }) {
  const { status, notes } = useStudio(useShallow((studio) => captionOf(studio.project, id)));
  if (status === 'draft' && notes === 0) return null;
  return (
    <div className="absolute right-1 bottom-6 flex gap-1 rounded bg-sheet px-1 py-0.5 text-ink">
      {status !== 'draft' && (
        <span title={titleCase(status)}>
          {status === 'done' ? (
            <Check size={12} role="img" aria-label="done" />
          ) : (
            <Glasses size={12} role="img" aria-label="for review" />
          )}
        </span>
      )}
      {notes > 0 && (
        <span title={notesWords(notes)}>
          <StickyNote size={12} role="img" aria-label={notesWords(notes)} />
        </span>
      )}
    </div>
  );
}

export function CardCaption({
  card,
  up,
  naming,
  onNamed,
}: {
  card: MapCard;
  up: boolean;
  naming: boolean;
  onNamed: () => void;
}) {
  const chosen = useStudio((studio) => studio.chosen.screen === card.id);
  const { after, stays, odd, back, ends, troubled } = useStudio(
    useShallow((studio) => captionOf(studio.project, card.id)),
  );
  if (naming && !card.gap) {
    const others = useStudio.getState().project.screens.filter((screen) => screen.id !== card.id);
    return (
      <div
        className="absolute inset-x-0 bottom-0 z-20 bg-sheet"
        onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && onNamed()}
        onKeyDown={(event) => {
          if (event.key !== 'Escape' && event.key !== 'Enter') return;
          setTimeout(onNamed);
          goOnAt(() => cardButton(card.id));
        }}
        ref={selectName}
      >
        <Field
          hidden
          label="Name"
          value={card.name}
          read={(text) =>
            readName(
              text,
              others.map((other) => other.name),
            )
          }
          onChange={(name) => edit('rename screen', { screen: card.id, name })}
        />
      </div>
    );
  }
  return (
    <div className="flex h-[22px] shrink-0 items-center gap-1 px-1.5 text-sm">
      <span
        className={`min-w-0 flex-1 truncate font-semibold ${chosen ? 'text-chosen underline decoration-2 underline-offset-2' : ''}`}
      >
        {card.name}
      </span>
      {after !== null && (
        <span title={`Goes on by itself after ${after}`} className="text-soft">
          <Clock size={11} role="img" aria-label={`after ${after}`} />
        </span>
      )}
      {odd && (
        <span title="Has a motion of its own" className="text-soft">
          <Waves size={11} role="img" aria-label="own motion" />
        </span>
      )}
      {stays !== null && (
        <span title={stays} className="text-soft">
          <Timer size={11} role="img" aria-label={stays} />
        </span>
      )}
      {back && (
        <span title="Goes back">
          <CornerUpLeft size={12} role="img" aria-label="goes back" className="text-soft" />
        </span>
      )}
      {ends && (
        <span title="The end" className="size-3 rounded-full border-2 border-ink p-px">
          <span className="block size-full rounded-full bg-ink" />
        </span>
      )}
      {troubled && (
        <span title="Something is wrong here; choose it to read what" className="text-warn">
          <TriangleAlert size={12} role="img" aria-label="something is wrong" />
        </span>
      )}
      {card.gap && <span className="text-xs font-semibold text-warn">gap</span>}
      {up && <span className="text-xs font-bold text-live">up</span>}
    </div>
  );
}
