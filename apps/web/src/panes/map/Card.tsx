'use client';

import type { Item } from '@tavu/core/drawing';
import type { CompiledScreen, Flow } from '@tavu/core/compile';
import { CARD, type MapCard } from '@tavu/core/map';
import { layerWord, type Id } from '@tavu/core/model';
import { paintStill } from '@tavu/core/paint';
import { ArrowDownToLine } from 'lucide-react';
import { memo, useState } from 'react';
import { useRun } from '../../run';
import { Picture } from '../../ui';
import { useStudio } from '../../store';
import { CardCaption, CardProgress } from './CardCaption';
import { partable, SMALLEST } from './detail';
import type { DragFrom } from './dragLink';
import { pointAtCard } from './pointedAt';

/** Layers are told by outline: base single, overlay double, notice dashed, HUD piece dotted. */
const OUTLINE = {
  base: 'border-2 border-solid border-strong',
  overlay: 'border-4 border-double border-strong',
  notice: 'border-2 border-dashed border-strong',
  hud: 'border-2 border-dotted border-strong',
};

/** A screen in small, with what it is called and what it does by itself. */
export const Card = memo(function Card({
  card,
  far,
  start,
  target,
  faint,
  moving,
  lift,
  unfolded,
  onUnfold,
  onOpen,
  onChoose,
  onDragLink,
  onDragCard,
}: {
  card: MapCard;
  /** Seen from so far that only the name can be read: how far; null from near. */
  far: number | null;
  start: boolean;
  target: boolean;
  /** It is not among what is looked at. */
  faint: boolean;
  /** Cards are on their way to other places. */
  moving: boolean;
  /** How far it is being dragged. */
  lift: { x: number; y: number } | null;
  /** All that leads here is drawn, however much it is. */
  unfolded: boolean;
  onUnfold: (card: Id) => void;
  /** Pressed twice: brings it nearer where it is seen from far. */
  onOpen: (card: MapCard) => void;
  onChoose: (card: MapCard, also: boolean) => void;
  onDragCard: (card: MapCard, event: React.PointerEvent) => void;
  onDragLink: (from: DragFrom, event: React.PointerEvent) => void;
}) {
  const chosen = useStudio(
    ({ chosen: { screen, others, area } }) =>
      screen === card.id || others.includes(card.id) || (card.holds > 0 && area === card.id),
  );
  const up = useRun((run) => run.up.includes(card.id));
  const [naming, setNaming] = useState(false);
  const outline =
    card.holds > 0
      ? 'border-2 border-solid border-strong shadow-[3px_3px_0_var(--line-strong)]'
      : card.gap
        ? 'border-2 border-dashed border-strong'
        : OUTLINE[card.layer];
  const ring = target ? 'ring-4 ring-chosen' : up ? 'ring-4 ring-live' : chosen ? 'ring-4 ring-chosen' : '';
  const widen = far === null ? 0 : WIDER;
  return (
    <div
      data-card={card.id}
      data-stays
      className={`group absolute flex flex-col rounded-md bg-sheet ${outline} ${ring} ${faint ? 'opacity-25' : ''} ${moving ? 'transition-[left,top] duration-300 motion-reduce:transition-none' : ''} ${lift ? 'z-30 shadow-xl' : ''}`}
      style={{
        left: card.x - widen,
        top: card.y,
        width: CARD.width + 2 * widen,
        ...(far === null ? { height: CARD.height } : { minHeight: Math.max(card.deep, CARD.height + 20) }),
        ...(lift ? { transform: `translate(${lift.x}px, ${lift.y}px)` } : {}),
      }}
      onPointerDown={(event) => onDragCard(card, event)}
      onPointerEnter={() => pointAtCard(card.id)}
      onPointerLeave={() => pointAtCard(null)}
    >
      {start && <StartMark />}
      {card.joined > 0 && far === null && (
        <Joined count={card.joined} open={unfolded} onOpen={() => onUnfold(card.id)} />
      )}
      <button
        type="button"
        aria-label={cardName(card, up)}
        aria-pressed={chosen}
        className="absolute inset-0 z-10 rounded-md"
        onClick={(event) => onChoose(card, event.ctrlKey || event.metaKey || event.shiftKey)}
        onDoubleClick={() => {
          if (far !== null || card.holds > 0) onOpen(card);
          else if (!card.gap) setNaming(true);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'F2' || card.gap || card.holds > 0) return;
          event.preventDefault();
          setNaming(true);
        }}
      >
        {/* Inside the button, so that a click on a control chooses the card like a click beside it. */}
        {!card.gap && card.holds === 0 && <Handles card={card} onDragLink={onDragLink} />}
      </button>
      {far !== null ? (
        <div
          className={`flex flex-1 items-center justify-center text-center leading-none [overflow-wrap:anywhere] ${far < 0.3 ? 'tracking-tight' : 'font-semibold'}`}
          style={{ fontSize: SMALLEST / far }}
        >
          {partable(card.name)}
        </div>
      ) : card.holds > 0 ? (
        <div className="flex flex-1 items-center justify-center bg-mist text-soft">
          {card.holds} {card.holds === 1 ? 'screen' : 'screens'}
        </div>
      ) : card.gap ? (
        <div className="flex flex-1 items-center justify-center bg-[repeating-linear-gradient(135deg,transparent_0_9px,var(--line)_9px_10px)] text-sm text-soft">
          <span className="bg-sheet px-1">no screen yet</span>
        </div>
      ) : (
        <>
          <CardPicture id={card.id} />
          <CardProgress id={card.id} />
        </>
      )}
      {far === null && <CardCaption card={card} up={up} naming={naming} onNamed={() => setNaming(false)} />}
    </div>
  );
});

/** By how much a block is wider than a card on either side, so that its name has room. */
const WIDER = 12;

const cardName = (card: MapCard, up: boolean): string =>
  card.holds > 0
    ? `${card.name}, folded area`
    : `${card.name}, ${card.gap ? 'not made yet' : layerWord(card.layer)}${up ? ', up now' : ''}`;

function StartMark() {
  return (
    <span aria-hidden="true" className="absolute -top-[18px] left-2 flex flex-col items-center">
      <span className="size-2.5 rounded-full bg-ink" />
      <span className="h-2 w-0.5 bg-ink" />
    </span>
  );
}

/** How much leads here, told where it is too much to be drawn unasked; pressed, it is drawn. */
function Joined({ count, open, onOpen }: { count: number; open: boolean; onOpen: () => void }) {
  const name = `${open ? 'Hide' : 'Show'} the links from ${count} places that lead here`;
  return (
    <button
      type="button"
      data-stays
      tabIndex={-1}
      aria-label={name}
      title={name}
      aria-pressed={open}
      className={`absolute -top-[11px] right-1 z-20 flex h-5 items-center gap-0.5 rounded border bg-sheet px-1 text-xs leading-4 hover:border-chosen ${open ? 'border-chosen text-chosen' : 'border-line'}`}
      onClick={onOpen}
    >
      <ArrowDownToLine size={10} />
      {count}
    </button>
  );
}

/** A screen's picture; a screen that cannot be drawn has none, and Live says why. */
function pictureOf(flow: Flow, screen: CompiledScreen): readonly Item[] {
  try {
    return paintStill(flow, screen, true);
  } catch {
    return NOTHING;
  }
}
const NOTHING: readonly Item[] = [];

function CardPicture({ id }: { id: string }) {
  const screen = useStudio((studio) => studio.flow.screens.get(id));
  const items = useStudio((studio) => (screen ? pictureOf(studio.flow, screen) : NOTHING));
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
      <span
        aria-hidden="true"
        title="Drag to where this screen should lead"
        className="absolute top-1/2 -right-2.5 z-20 size-4 -translate-y-1/2 cursor-crosshair rounded-full border-2 border-sheet bg-chosen opacity-0 group-focus-within:opacity-100 group-hover:opacity-100"
        onPointerDown={(event) => onDragLink({ screen: card.id, element: null }, event)}
      />
      {compiled.screen.elements.map(({ id, type }) => {
        if (type !== 'button') return null;
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
