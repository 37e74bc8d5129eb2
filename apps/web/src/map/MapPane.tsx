'use client';

import { CARD, planLines, planMap } from '@tavu/core/map';
import { screenById, titleCase } from '@tavu/core/model';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomBehavior } from 'd3-zoom';
import { Maximize, Minus, Plus, SquarePlus } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { showHeld } from '../live/run';
import { choose, edit, useStudio } from '../studio/store';
import { IconButton } from '../ui/parts';
import { Card } from './Card';
import { Lines } from './Lines';
import { AddScreen } from './AddScreen';
import { NewLink, useDraggedLink } from './dragLink';

const BAND_LOOK = { base: 'var(--water)', overlay: 'var(--land)', notice: 'var(--marsh)' };

/** The flow as a chart: rows are steps from the start, bands are layers. */
export function MapPane() {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen.screen);
  const opened = useStudio((studio) => studio.opened);
  const plan = useMemo(() => planMap(project), [project]);
  const lines = useMemo(() => planLines(project, plan), [project, plan]);
  const frame = useRef<HTMLDivElement>(null);
  const [view, setView] = useState({ x: 0, y: 0, k: 1 });
  const [adding, setAdding] = useState(false);
  const zooming = useRef<ZoomBehavior<HTMLDivElement, unknown> | null>(null);
  const dragged = useDraggedLink(frame, view, plan);

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
  const nearer = (by: number): void => {
    select(frame.current!).call(zooming.current!.scaleBy, by);
  };
  // A newly opened project is seen as wide as the pane, from its start; edits leave the view alone.
  const seen = useRef(0);
  useEffect(() => {
    if (seen.current === opened) return;
    seen.current = opened;
    const { width } = frame.current!.getBoundingClientRect();
    goTo(0, 0, Math.max(0.72, Math.min(1, width / (plan.width + 8))));
  }, [opened, plan.width, goTo]);

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
    if (event.key === 'Delete' && screen) edit('delete screens', { screens: [screen.id] });
    if (event.key === 'd' && (event.ctrlKey || event.metaKey) && screen) {
      event.preventDefault();
      edit(
        'duplicate screen',
        { screen: screen.id },
        { chosen: (made) => ({ screen: made ?? null, element: null, link: null }) },
      );
    }
    const way = WAYS[event.key];
    if (way && (event.target as Element).closest('[data-card]')) {
      event.preventDefault();
      moveTo(plan.cards, (event.target as Element).closest('[data-card]')!.getAttribute('data-card')!, way);
    }
  };

  return (
    <section
      aria-label="Map"
      data-pane
      tabIndex={-1}
      className="relative min-h-0 flex-1 overflow-hidden bg-mist"
      onKeyDown={keys}
    >
      <div ref={frame} className="absolute inset-0 cursor-grab touch-none active:cursor-grabbing">
        <Bands plan={plan} view={view} />
        <div
          className="absolute top-0 left-0 origin-top-left"
          style={{ transform: `translate(${view.x}px, ${view.y}px) scale(${view.k})` }}
        >
          <Lines project={project} lines={lines} plan={plan} dragged={dragged.line} />
          {plan.cards.map((card) => (
            <Card
              key={card.id}
              card={card}
              far={view.k < 0.45}
              start={card.id === project.start}
              target={dragged.over === card.id}
              onDragLink={dragged.begin}
              onChoose={() => {
                if (card.gap) return;
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

/** Moves the keyboard to the nearest card that way. */
function moveTo(cards: Seen['plan']['cards'], from: string, way: { x: number; y: number }): void {
  const here = cards.find((card) => card.id === from)!;
  const scored = cards
    .map((card) => {
      const along = (card.x - here.x) * way.x + (card.y - here.y) * way.y;
      const across = Math.abs((card.x - here.x) * way.y) + Math.abs((card.y - here.y) * way.x);
      return { card, along, cost: along + 3 * across };
    })
    .filter(({ along }) => along > 10)
    .sort((a, b) => a.cost - b.cost);
  const next = scored[0]?.card.id;
  if (next) document.querySelector<HTMLElement>(`[data-card="${CSS.escape(next)}"] button`)?.focus();
}
