'use client';

import { CARD, type MapCard } from '@tavu/core/map';
import { linksFrom, readName, screenById } from '@tavu/core/model';
import { paintStill, type Item } from '@tavu/core/paint';
import { Clock, CornerUpLeft, Timer } from 'lucide-react';
import { memo, useState } from 'react';
import { useRun } from '../live/run';
import { Picture } from '../picture/Picture';
import { edit, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Tip } from '../ui/parts';
import type { DragFrom } from './dragLink';

/** Layers are told by outline: base single, overlay double, notice dashed. */
const OUTLINE = {
  base: 'border-2 border-solid border-strong',
  overlay: 'border-4 border-double border-strong',
  notice: 'border-2 border-dashed border-strong',
};

/** A screen in small, with what it is called and what it does by itself. */
export const Card = memo(function Card({
  card,
  far,
  start,
  target,
  onChoose,
  onDragLink,
}: {
  card: MapCard;
  /** Seen from so far that only the name can be read. */
  far: boolean;
  start: boolean;
  target: boolean;
  onChoose: () => void;
  onDragLink: (from: DragFrom, event: React.PointerEvent) => void;
}) {
  const chosen = useStudio((studio) => studio.chosen.screen === card.id);
  const up = useRun((run) => run.up.includes(card.id));
  const [naming, setNaming] = useState(false);
  const outline = card.gap ? 'border-2 border-dashed border-strong' : OUTLINE[card.layer];
  const ring = target ? 'ring-4 ring-chosen' : up ? 'ring-4 ring-live' : chosen ? 'ring-4 ring-chosen' : '';
  return (
    <div
      data-card={card.id}
      data-stays
      className={`group absolute flex flex-col rounded-md bg-sheet ${outline} ${ring}`}
      style={{ left: card.x, top: card.y, width: CARD.width, height: CARD.height }}
    >
      {start && <StartMark />}
      <button
        type="button"
        aria-label={cardName(card, up)}
        aria-pressed={chosen}
        className="absolute inset-0 z-10 rounded-md"
        onClick={onChoose}
        onDoubleClick={() => !card.gap && setNaming(true)}
        onKeyDown={(event) => {
          if (event.key !== 'F2' || card.gap) return;
          event.preventDefault();
          setNaming(true);
        }}
      >
        {/* Inside the button, so that a click on a control chooses the card like a click beside it. */}
        {!card.gap && card.layer !== 'notice' && <Handles card={card} onDragLink={onDragLink} />}
      </button>
      {far ? (
        <div className="flex flex-1 items-center justify-center overflow-hidden text-center text-[22px] leading-6 font-bold">
          {card.name}
        </div>
      ) : card.gap ? (
        <div className="flex flex-1 items-center justify-center bg-[repeating-linear-gradient(135deg,transparent_0_9px,var(--line)_9px_10px)] text-sm text-soft">
          <span className="bg-sheet px-1">no screen yet</span>
        </div>
      ) : (
        <CardPicture id={card.id} />
      )}
      {!far && <Caption card={card} up={up} naming={naming} onNamed={() => setNaming(false)} />}
    </div>
  );
});

const cardName = (card: MapCard, up: boolean): string =>
  `${card.name}, ${card.gap ? 'not made yet' : card.layer}${up ? ', up now' : ''}`;

function StartMark() {
  return (
    <span aria-hidden="true" className="absolute -top-5 left-1/2 flex -translate-x-1/2 flex-col items-center">
      <span className="size-2.5 rounded-full bg-ink" />
      <span className="h-2 w-0.5 bg-ink" />
    </span>
  );
}

const NOTHING: readonly Item[] = [];

function CardPicture({ id }: { id: string }) {
  const screen = useStudio((studio) => studio.flow.screens.get(id));
  const items = useStudio((studio) => (screen ? paintStill(studio.flow, screen, true) : NOTHING));
  const sources = useStudio((studio) => studio.sources);
  const { width, height } = useStudio((studio) => studio.project.design);
  return (
    <div
      className={`min-h-0 flex-1 overflow-hidden rounded-t ${screen?.layer === 'notice' ? 'bg-marsh' : 'bg-well'}`}
    >
      <Picture
        items={items}
        sources={sources}
        width={width}
        height={height}
        className="block h-full w-full"
      />
    </div>
  );
}

function Caption({
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
  const project = useStudio((studio) => studio.project);
  const screen = screenById(project, card.id);
  const chosen = useStudio((studio) => studio.chosen.screen === card.id);
  const links = linksFrom(project, card.id);
  const timed = links.find((link) => link.cue.on === 'time');
  const back = links.some((link) => link.kind === 'back');
  const ends = links.some((link) => link.kind === 'end');
  if (naming && screen) {
    const others = project.screens.filter((each) => each !== screen).map((each) => each.name);
    return (
      <div
        className="absolute inset-x-0 bottom-0 z-20 bg-sheet"
        onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && onNamed()}
        onKeyDown={(event) => (event.key === 'Escape' || event.key === 'Enter') && setTimeout(onNamed)}
        ref={(box) => box?.querySelector('input')?.focus()}
      >
        <Field
          hidden
          label="Name"
          value={screen.name}
          read={(text) => readName(text, others)}
          onChange={(name) => edit('rename screen', { screen: screen.id, name })}
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
      {timed?.cue.on === 'time' && (
        <span title={`Goes on by itself after ${timed.cue.after}`} className="text-soft">
          <Clock size={11} role="img" aria-label={`after ${timed.cue.after}`} />
        </span>
      )}
      {screen?.layer === 'notice' && (
        <span title={`Shows for ${screen.lasts ?? '2 s'}`} className="text-soft">
          <Timer size={11} role="img" aria-label={`shows for ${screen.lasts ?? '2 s'}`} />
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
      {card.gap && <span className="text-xs font-semibold text-warn">gap</span>}
      {up && <span className="text-xs font-bold text-live">up</span>}
    </div>
  );
}

/** Where a new link is drawn from: the card's own edge, or one of its controls. */
function Handles({
  card,
  onDragLink,
}: {
  card: MapCard;
  onDragLink: (from: DragFrom, event: React.PointerEvent) => void;
}) {
  const compiled = useStudio((studio) => studio.flow.screens.get(card.id));
  const design = useStudio((studio) => studio.project.design);
  if (!compiled) return null;
  return (
    <>
      <Tip text="Drag to where this screen should lead">
        <span
          aria-hidden="true"
          className="absolute top-1/2 -right-2.5 z-20 size-4 -translate-y-1/2 cursor-crosshair rounded-full border-2 border-sheet bg-chosen opacity-0 group-focus-within:opacity-100 group-hover:opacity-100"
          onPointerDown={(event) => onDragLink({ screen: card.id, element: null }, event)}
        />
      </Tip>
      {compiled.focus.order.map((id) => {
        const rect = compiled.layout.get(id)!;
        return (
          <span
            key={id}
            aria-hidden="true"
            className="absolute z-20 cursor-crosshair rounded-sm opacity-0 outline-2 outline-chosen group-hover:opacity-100 hover:bg-chosen/40"
            style={{
              left: (rect.x / design.width) * (CARD.width - 4),
              top: (rect.y / design.height) * CARD.picture,
              width: (rect.width / design.width) * CARD.width,
              height: Math.max(5, (rect.height / design.height) * CARD.picture),
            }}
            onPointerDown={(event) => onDragLink({ screen: card.id, element: id }, event)}
          />
        );
      })}
    </>
  );
}
