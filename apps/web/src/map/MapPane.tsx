'use client';

import { CARD, planLines, planMap } from '@tavu/core/map';
import { screenById, titleCase, type Id } from '@tavu/core/model';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomBehavior } from 'd3-zoom';
import { Maximize, Minus, Plus, Rows3, SquarePlus } from 'lucide-react';
import {
  useCallback,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
} from 'react';
import { showHeld, useRun } from '../live/run';
import { choose, chooseAlso, chosenScreens, edit, NOTHING, useStudio } from '../studio/store';
import { IconButton } from '../ui/parts';
import { Card } from './Card';
import { Lines } from './Lines';
import { AddScreen } from './AddScreen';
import { AreaBox } from './AreaBox';
import { copiedScreens, pasteScreens } from './copying';
import { moveInRow, useDraggedCard } from './dragCard';
import { NewLink, useDraggedLink } from './dragLink';
import { filtered, NO_FILTER } from './filter';
import { FilterSheet } from './FilterSheet';

const BAND_LOOK = {
  base: 'var(--water)',
  overlay: 'var(--land)',
  notice: 'var(--marsh)',
  companion: 'var(--mist)',
};

/** Seen from further than this, a card is a plain block with its name, and lines have no labels. */
const FAR = 0.45;

/** From so many cards on, only those in view are drawn. */
const MANY = 80;

/** What stays as it is while the map is not shown, for the project that is open. */
const kept = {
  opened: 0,
  view: { x: 0, y: 0, k: 1 },
  folded: new Set<Id>() as ReadonlySet<Id>,
  filter: NO_FILTER,
};

/** The flow as a chart: rows are steps from the start, bands are layers. */
export function MapPane() {
  const opened = useStudio((studio) => studio.opened);
  if (kept.opened !== opened)
    Object.assign(kept, { view: { x: 0, y: 0, k: 1 }, folded: new Set(), filter: NO_FILTER });
  // What is typed or dragged elsewhere comes first; the map follows when there is time.
  const project = useDeferredValue(useStudio((studio) => studio.project));
  const chosen = useStudio((studio) => studio.chosen.screen);
  const [folded, setFolded] = useState(kept.folded);
  const [filter, setFilter] = useState(kept.filter);
  const [moving, setMoving] = useState(false);
  const up = useRun((run) => run.up);
  const plan = useMemo(() => planMap(project, folded), [project, folded]);
  const lines = useMemo(() => planLines(project, plan), [project, plan]);
  const looked = useMemo(
    () => filtered(project, filter, filter.only === 'up' ? up : NOTHING_UP),
    [project, filter, up],
  );
  const frame = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  const [view, setView] = useState(kept.view);
  const [adding, setAdding] = useState(false);
  useEffect(() => {
    Object.assign(kept, { view, folded, filter });
  }, [view, folded, filter]);
  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => setSize(entry!.contentRect));
    watch.observe(frame.current!);
    return () => watch.disconnect();
  }, []);
  const zooming = useRef<ZoomBehavior<HTMLDivElement, unknown> | null>(null);
  const dragged = useDraggedLink(frame, view, plan);
  const carried = useDraggedCard(view, plan);
  const fold = (area: Id): void => {
    const next = new Set(folded);
    if (!next.delete(area)) next.add(area);
    setFolded(next);
  };
  const tidy = (): void => {
    setMoving(true);
    edit('tidy map', {});
    setTimeout(() => setMoving(false), 400);
  };

  useEffect(() => {
    const behaviour = zoom<HTMLDivElement, unknown>()
      .scaleExtent([0.15, 2.5])
      .filter((event: Event) => {
        if (event.type === 'dblclick') return false;
        const target = event.target as Element;
        return event.type === 'wheel' || !target.closest('[data-stays]');
      })
      .on('zoom', ({ transform }: D3ZoomEvent<HTMLDivElement, unknown>) =>
        setView({ x: transform.x, y: transform.y, k: transform.k }),
      );
    zooming.current = behaviour;
    select(frame.current!).call(behaviour);
  }, []);

  const goTo = useCallback((x: number, y: number, k: number): void => {
    select(frame.current!).call(zooming.current!.transform, zoomIdentity.translate(x, y).scale(k));
  }, []);
  const fit = (): void => {
    const box = frame.current!.getBoundingClientRect();
    const k = Math.max(
      0.15,
      Math.min(1.2, box.width / (plan.width + 8), (box.height - 4) / (plan.height + 8)),
    );
    goTo(Math.max(0, (box.width - plan.width * k) / 2), 2, k);
  };
  /** Brings a card to the middle, and the keyboard to it. */
  const centre = (id: Id): void => {
    const card = plan.cards.find((each) => each.id === (plan.stands.get(id) ?? id));
    if (!card) return;
    const box = frame.current!.getBoundingClientRect();
    const k = Math.max(0.6, view.k);
    goTo(box.width / 2 - (card.x + CARD.width / 2) * k, box.height / 2 - (card.y + CARD.height / 2) * k, k);
    requestAnimationFrame(() => focusCard(card.id));
  };
  const nearer = (by: number): void => {
    select(frame.current!).call(zooming.current!.scaleBy, by);
  };
  // A newly opened project is seen as wide as the pane, from its start; edits leave the view alone.
  useEffect(() => {
    if (kept.opened === opened) return goTo(kept.view.x, kept.view.y, kept.view.k);
    kept.opened = opened;
    const { width } = frame.current!.getBoundingClientRect();
    goTo(0, 0, Math.max(0.72, Math.min(1, width / (plan.width + 8))));
    // Only another project changes what is seen.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [opened]);

  const keys = (event: KeyboardEvent): void => {
    if ((event.target as Element).closest('input')) return;
    if (event.key === 'n' || event.key === 'N') {
      event.preventDefault();
      setAdding(true);
    }
    // The card that has the keyboard, or else the chosen one.
    const here = (event.target as Element).closest('[data-card]')?.getAttribute('data-card') ?? chosen;
    const screen = screenById(project, here);
    const card = plan.cards.find((each) => each.id === here && !each.gap);
    if ((event.key === 'l' || event.key === 'L') && card) {
      event.preventDefault();
      dragged.ask({
        from: { screen: card.id, element: null },
        at: { x: card.x + CARD.width, y: card.y + 20 },
      });
    }
    const control = event.ctrlKey || event.metaKey;
    const all = chosenScreens(useStudio.getState().chosen);
    const meant = screen && !all.includes(screen.id) ? [screen.id] : all;
    if (event.key === 'Delete' && meant.length > 0)
      edit('delete screens', { screens: meant }, { chosen: () => NOTHING });
    if (event.key === 'd' && control && meant.length > 0) {
      event.preventDefault();
      edit(
        'duplicate screens',
        { screens: meant },
        { chosen: (made) => ({ ...NOTHING, screen: made ?? null }) },
      );
    }
    if (event.key === 'a' && control) {
      event.preventDefault();
      const [first, ...others] = project.screens.map((each) => each.id);
      choose({ screen: first ?? null, others });
    }
    if (event.key === 'Enter' && (control || event.shiftKey) && screen) {
      event.preventDefault();
      chooseAlso(screen.id);
      return;
    }
    const turn = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (event.altKey && turn !== 0 && card) {
      event.preventDefault();
      return moveInRow(plan, card.id, turn);
    }
    const way = WAYS[event.key];
    if (way && (event.target as Element).closest('[data-card]')) {
      event.preventDefault();
      const next = neighbour(plan.cards, here!, way);
      if (next && !focusCard(next)) centre(next);
    }
  };

  const inView = useMemo(() => {
    const box = {
      left: -view.x / view.k - CARD.width,
      top: -view.y / view.k - CARD.height,
      right: (size.width - view.x) / view.k + CARD.width,
      bottom: (size.height - view.y) / view.k + CARD.height,
    };
    return ({ x, y }: { x: number; y: number }): boolean =>
      x > box.left && x < box.right && y > box.top && y < box.bottom;
  }, [view, size]);
  const many = plan.cards.length > MANY;
  const cards = many ? plan.cards.filter(inView) : plan.cards;
  const seenLines = many ? lines.filter((line) => inView(line.start) || inView(line.end)) : lines;

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
        className="absolute inset-0 cursor-grab touch-none overflow-hidden active:cursor-grabbing"
        onScroll={(event) => {
          // The browser scrolls what gets the focus into view; the map pans there instead.
          const { scrollLeft, scrollTop } = event.currentTarget;
          if (scrollLeft === 0 && scrollTop === 0) return;
          event.currentTarget.scrollTo(0, 0);
          goTo(view.x - scrollLeft, view.y - scrollTop, view.k);
        }}
      >
        <Bands plan={plan} view={view} />
        <div
          className="absolute top-0 left-0 origin-top-left"
          style={{ transform: `translate(${view.x}px, ${view.y}px) scale(${view.k})` }}
        >
          {plan.areas.map((area) => (
            <AreaBox
              key={area.id}
              area={area}
              scale={view.k}
              target={carried.lift?.area === area.id}
              onFold={() => fold(area.id)}
            />
          ))}
          <Lines
            project={project}
            lines={seenLines}
            plan={plan}
            dragged={dragged.line}
            far={view.k < FAR}
            onFollow={(id) => {
              choose({ screen: id });
              centre(id);
            }}
          />
          {cards.map((card) => (
            <Card
              key={card.id}
              card={card}
              far={view.k < FAR}
              start={card.id === project.start || plan.stands.get(project.start ?? '') === card.id}
              target={dragged.over === card.id}
              faint={looked !== null && !looked.has(card.id)}
              moving={moving}
              lift={carried.lift?.card === card.id ? carried.lift : null}
              onDragLink={dragged.begin}
              onDragCard={carried.begin}
              onChoose={(also) => {
                if (card.gap || carried.wasDrag()) return;
                if (card.holds > 0) return choose({ area: card.id });
                if (also) return chooseAlso(card.id);
                choose({ screen: card.id });
                showHeld(card.id);
              }}
            />
          ))}
          {dragged.dropped && <NewLink dropped={dragged.dropped} onDone={() => dragged.ask(null)} />}
        </div>
        <Rulers plan={plan} view={view} />
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
        <FilterSheet filter={filter} onChange={setFilter} />
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
  plan: ReturnType<typeof planMap>;
  view: { x: number; y: number; k: number };
}

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
      {plan.rows.map((row) => (
        <div
          key={row.y}
          className="absolute inset-x-0 border-t border-line"
          style={{ top: view.y + (row.y - 22) * view.k }}
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
        {plan.bands.map((band) => (
          <span
            key={band.layer}
            className="absolute top-0.5 text-sm text-soft"
            style={{ left: Math.max(34, view.x + (band.x + 16) * view.k) }}
          >
            {titleCase(band.layer)}
          </span>
        ))}
      </div>
      <div
        aria-hidden="true"
        className="pointer-events-none absolute inset-y-0 left-0 w-7 overflow-hidden border-r border-line bg-mist/90"
      >
        {plan.rows.map((row) => (
          <span
            key={row.y}
            className="absolute w-7 text-center font-mono text-base text-soft italic"
            style={{ top: view.y + (row.y + CARD.height / 2 - 10) * view.k }}
          >
            {row.steps ?? '–'}
          </span>
        ))}
      </div>
    </>
  );
}

const WAYS: Record<string, { x: number; y: number }> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

const NOTHING_UP: readonly Id[] = [];

/** The nearest card that way. */
function neighbour(cards: Seen['plan']['cards'], from: Id, way: { x: number; y: number }): Id | undefined {
  const here = cards.find((card) => card.id === from)!;
  const scored = cards
    .map((card) => {
      const along = (card.x - here.x) * way.x + (card.y - here.y) * way.y;
      const across = Math.abs((card.x - here.x) * way.y) + Math.abs((card.y - here.y) * way.x);
      return { card, along, cost: along + 3 * across };
    })
    .filter(({ along }) => along > 10)
    .sort((a, b) => a.cost - b.cost);
  return scored[0]?.card.id;
}

/** Moves the keyboard to a card, if it is drawn. */
function focusCard(id: Id): boolean {
  const button = document.querySelector<HTMLElement>(`[data-card="${CSS.escape(id)}"] button`);
  button?.focus();
  return button !== null;
}
