'use client';

import { CARD, planMap, sameMap, type MapCard, type MapPlan } from '@tavu/core/map';
import { layerName, type Id, type Project, withId } from '@tavu/core/model';
import { Maximize, Minus, Plus, Rows3, SquarePlus } from 'lucide-react';
import { useCallback, useDeferredValue, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { choose, chooseAlso, edit, useStudio, copiedScreens, pasteScreens } from '../../store';
import { IconButton } from '../../ui';
import { Card } from './Card';
import { Lines } from './Lines';
import { AddScreen } from './AddScreen';
import { AreaBox } from './AreaBox';
import { listenToCentre } from './centre';
import { useDraggedCard } from './dragCard';
import { NewLink, useDraggedLink } from './dragLink';
import { FilterSheet } from './FilterSheet';
import { focusCard, mapKeys } from './keys';
import { Groups } from './Groups';
import { detailAt } from './detail';
import { lookAt, useLooked } from './looked';
import { Overview } from './Overview';
import { within, type View } from './seenFrom';
import { toggled } from './toggled';
import { useView } from './view';

const BAND_LOOK = {
  base: 'var(--water)',
  overlay: 'var(--land)',
  notice: 'var(--marsh)',
  hud: 'var(--mist)',
};

/** From so many cards on, only those in view are drawn. */
const MANY = 80;

/** Which areas are folded stays as it is while the map is not shown. */
const FRESH = {
  folded: new Set<Id>() as ReadonlySet<Id>,
  unfolded: new Set<Id>() as ReadonlySet<Id>,
};
let kept = { opened: 0, ...FRESH };

/** The flow as a chart: rows are steps from the start, bands are layers. */
export function MapPane() {
  const opened = useStudio((studio) => studio.opened);
  return <OpenMap key={opened} opened={opened} />;
}

function OpenMap({ opened }: { opened: number }) {
  if (kept.opened !== opened) kept = { opened, ...FRESH };
  // Typing and dragging come first; the map follows when there is time.
  const project = useMapped(useDeferredValue(useStudio((studio) => studio.project)));
  const [folded, setFolded] = useState(kept.folded);
  const [unfolded, setUnfolded] = useState(kept.unfolded);
  const { filter, looked } = useLooked();
  const [moving, setMoving] = useState(false);
  const [adding, setAdding] = useState(false);
  useEffect(() => {
    kept = { opened, folded, unfolded };
  }, [opened, folded, unfolded]);
  const plan = useMemo(() => planMap(project, { folded, unfolded }), [project, folded, unfolded]);
  const { lines } = plan;
  const { frame, view, size, inView, onPointerDown, look, nearer, fit, centreOn, panOnScroll, panToFocus } =
    useView(opened, plan);
  const detail = detailAt(view.k);
  const dragged = useDraggedLink(frame, view, plan);
  const carried = useDraggedCard(view, plan);
  const onFold = useCallback((area: Id): void => setFolded((were) => toggled(were, area)), []);
  const onUnfold = useCallback((card: Id): void => setUnfolded((were) => toggled(were, card)), []);
  const tidy = (): void => {
    setMoving(true);
    edit('tidy map', {});
    setTimeout(() => setMoving(false), 400);
  };
  const awaited = useRef<Id | null>(null);
  /** Brings a card to the middle, and the keyboard to it. */
  const centre = (id: Id): void => {
    const card = withId(plan.cards, plan.stands.get(id) ?? id);
    // A new card appears with the next plan.
    awaited.current = card ? null : id;
    if (!card) return;
    centreOn(card.x + CARD.width / 2, card.y + CARD.height / 2);
    requestAnimationFrame(() => focusCard(card.id));
  };
  const follow = useRef(centre);
  // Of the map that stands, not of one that is still being drawn.
  useLayoutEffect(() => {
    follow.current = centre;
  });
  useEffect(() => {
    if (awaited.current !== null) follow.current(awaited.current);
  }, [plan]);
  const keys = mapKeys(plan, { add: () => setAdding(true), link: dragged.ask, goTo: centre });
  const many = plan.cards.length > MANY;
  const cards = useMemo(() => (many ? plan.cards.filter(inView) : plan.cards), [many, plan, inView]);
  const seenLines = useMemo(
    () =>
      many
        ? lines.filter(({ label, path }) => inView(label) || (path.length > 0 && inView(path.at(-1)!)))
        : lines,
    [many, lines, inView],
  );
  const onFollow = useCallback((id: Id): void => {
    choose({ screen: id });
    follow.current(id);
  }, []);
  const open = (box: { x: number; y: number; width: number; height: number }): void =>
    look(within(size, box));
  const onOpen = useCallback(
    (card: MapCard): void => {
      if (card.holds > 0) onFold(card.id);
      else follow.current(card.id);
    },
    [onFold],
  );
  useEffect(() => listenToCentre((id) => follow.current(id)), []);
  const { wasDrag } = carried;
  const onChoose = useCallback(
    (card: MapCard, also: boolean): void => {
      if (card.gap || wasDrag()) return;
      if (card.holds > 0) return choose({ area: card.id });
      if (also) return chooseAlso(card.id);
      choose({ screen: card.id });
    },
    [wasDrag],
  );

  return (
    <section
      aria-label="Map"
      data-pane
      tabIndex={-1}
      className="relative min-h-0 flex-1 overflow-hidden bg-mist"
      onKeyDown={keys}
      onCopy={(event) => {
        const text = copiedScreens();
        if (text === null) return;
        event.preventDefault();
        event.clipboardData.setData('text/plain', text);
      }}
      onPaste={(event) => void pasteScreens(event.clipboardData.getData('text/plain'))}
    >
      <div
        ref={frame}
        className="absolute inset-0 cursor-grab touch-none overflow-hidden select-none active:cursor-grabbing"
        onPointerDown={onPointerDown}
        onScroll={panOnScroll}
        onFocus={({ target }) => panToFocus(target)}
      >
        <Bands plan={plan} view={view} />
        <div
          className="absolute top-0 left-0 origin-top-left"
          style={{ transform: `translate(${view.x}px, ${view.y}px) scale(${view.k})` }}
        >
          {detail === 'groups' ? (
            <Groups project={project} plan={plan} scale={view.k} looked={looked} onOpen={open} />
          ) : (
            <>
              {plan.areas.map((area) => (
                <AreaBox
                  key={area.id}
                  area={area}
                  scale={view.k}
                  target={carried.lift?.area === area.id}
                  onFold={() => onFold(area.id)}
                />
              ))}
              <Lines
                project={project}
                lines={seenLines}
                plan={plan}
                dragged={dragged.line}
                far={detail === 'blocks'}
                onFollow={onFollow}
              />
              {cards.map((card) => (
                <Card
                  key={card.id}
                  card={card}
                  far={detail === 'blocks' ? view.k : null}
                  start={card.id === project.start || plan.stands.get(project.start ?? '') === card.id}
                  target={dragged.over === card.id}
                  faint={looked !== null && !looked.has(card.id)}
                  moving={moving}
                  lift={carried.lift?.card === card.id ? carried.lift : null}
                  unfolded={unfolded.has(card.id)}
                  onUnfold={onUnfold}
                  onOpen={onOpen}
                  onDragLink={dragged.begin}
                  onDragCard={carried.begin}
                  onChoose={onChoose}
                />
              ))}
            </>
          )}
          {dragged.dropped && <NewLink dropped={dragged.dropped} onDone={() => dragged.ask(null)} />}
        </div>
        <Rulers plan={plan} view={view} />
        <Overview plan={plan} view={view} size={size} onLook={look} />
        {plan.cards.length === 0 && (
          <p className="absolute inset-x-8 top-24 text-center text-soft">
            No screens yet. Press <kbd className="cap">N</kbd> and give the first one a name.
          </p>
        )}
      </div>
      <div
        data-stays
        className="absolute right-2 bottom-2 flex rounded-md border border-line bg-sheet shadow-sm"
      >
        <AddScreen open={adding} onOpen={setAdding}>
          <span>
            <IconButton name="Add a screen" keys="N" onClick={() => setAdding(true)}>
              <SquarePlus size={16} />
            </IconButton>
          </span>
        </AddScreen>
        <FilterSheet filter={filter} onChange={lookAt} />
        <IconButton name="Tidy: each screen to the row of its steps" onClick={tidy}>
          <Rows3 size={15} />
        </IconButton>
        <IconButton name="Nearer" onClick={() => nearer(1.25)}>
          <Plus size={16} />
        </IconButton>
        <IconButton name="Further away" onClick={() => nearer(0.8)}>
          <Minus size={16} />
        </IconButton>
        <IconButton name="The whole map" onClick={fit}>
          <Maximize size={15} />
        </IconButton>
      </div>
    </section>
  );
}

interface Seen {
  plan: MapPlan;
  view: View;
}

/** The project as it was when the map last looked otherwise: most edits change nothing on it. */
function useMapped(project: Project): Project {
  const [mapped, setMapped] = useState(project);
  if (sameMap(mapped, project)) return mapped;
  setMapped(project);
  return project;
}

/** Rows that can be in the frame: no pane is taller than this many pixels. */
const rowsSeen = ({ rows }: Seen['plan'], view: View): Seen['plan']['rows'] =>
  rows.filter((row, i) => {
    const y = view.y + row.y * view.k;
    return y > -200 && y < 4000 && i % Math.ceil(CLOSEST / (CARD.height * view.k)) === 0;
  });
/** A band narrower than this, in pixels, has not room for its name alone. */
const NARROW = 76;
/** Nearer to one another than so many pixels, not every row is marked. */
const CLOSEST = 15;

/** The tinted bands run over the whole height whatever part of the map is seen. */
function Bands({ plan, view }: Seen) {
  return (
    <div aria-hidden="true" className="pointer-events-none absolute inset-0">
      {plan.bands.map((band, i) => {
        const left = view.x + band.x * view.k;
        const width = i === plan.bands.length - 1 ? '100%' : `${band.width * view.k}px`;
        return (
          <div
            key={band.layer}
            className="absolute inset-y-0"
            style={{ left, width, background: BAND_LOOK[band.layer] }}
          />
        );
      })}
      {rowsSeen(plan, view).map((row) => (
        <div
          key={row.y}
          className="absolute inset-x-0 border-t border-line"
          style={{ top: view.y + row.top * view.k }}
        />
      ))}
    </div>
  );
}

/** Band names along the top and steps down the side stay in view. */
function Rulers({ plan, view }: Seen) {
  return (
    <>
      <div className="pointer-events-none absolute inset-x-0 top-0 h-6 overflow-hidden border-b border-line bg-mist/90">
        {plan.bands.map((band, i) => {
          const right = view.x + (band.x + band.width) * view.k;
          // Where the band before is narrow, its name takes the room.
          if (i > 0 && plan.bands[i - 1]!.width * view.k < NARROW) return null;
          return (
            <span
              key={band.layer}
              className="absolute top-0.5 text-sm text-soft"
              style={{ left: Math.min(right - 70, Math.max(34, view.x + (band.x + 16) * view.k)) }}
            >
              {layerName(band.layer)}
            </span>
          );
        })}
      </div>
      <div
        aria-hidden="true"
        className="pointer-events-none absolute inset-y-0 left-0 w-7 overflow-hidden border-r border-line bg-mist/90"
      >
        {rowsSeen(plan, view).map((row) => (
          <span
            key={row.y}
            title={row.old ? OLD : undefined}
            className={`pointer-events-auto absolute w-7 text-center font-mono text-base italic ${row.old ? 'text-warn' : 'text-soft'}`}
            style={{ top: view.y + (row.y + CARD.height / 2) * view.k - 10 }}
          >
            {row.steps ?? '–'}
            {row.old && '?'}
          </span>
        ))}
      </div>
    </>
  );
}

const OLD = 'Some screens of this row are another number of steps away by now. Tidy moves them.';
