'use client';

import { areaAt, CARD, type MapCard, type MapPlan } from '@tavu/core/map';
import { screenById, type Id, withId } from '@tavu/core/model';
import { useCallback, useRef, useState, type PointerEvent } from 'react';
import { chosenScreens, edit, useStudio } from '../../store';

/** How far a press may wander and still be a click, in pixels of the page. */
const STILL = 6;

/** Dragging a card: into an area or out of it, or to another place in its row. */
export function useDraggedCard(view: { x: number; y: number; k: number }, plan: MapPlan) {
  const [lift, setLift] = useState<{ card: Id; x: number; y: number; area: Id | null } | null>(null);
  const now = useRef({ view, plan });
  now.current = { view, plan };
  /** A drag that has just ended is no click. */
  const moved = useRef(false);

  const begin = useCallback((card: MapCard, event: PointerEvent) => {
    if (event.button !== 0 || card.gap || card.holds > 0 || (event.target as Element).closest('input'))
      return;
    const start = { x: event.clientX, y: event.clientY };
    moved.current = false;
    const by = (e: globalThis.PointerEvent) => ({
      x: (e.clientX - start.x) / now.current.view.k,
      y: (e.clientY - start.y) / now.current.view.k,
    });
    const middle = ({ x, y }: { x: number; y: number }) => ({
      x: card.x + x + CARD.width / 2,
      y: card.y + y + CARD.height / 2,
    });
    const move = (e: globalThis.PointerEvent): void => {
      if (!moved.current && Math.hypot(e.clientX - start.x, e.clientY - start.y) < STILL) return;
      moved.current = true;
      const at = middle(by(e));
      setLift({ card: card.id, ...by(e), area: areaAt(now.current.plan, at.x, at.y)?.id ?? null });
    };
    const stop = (e: globalThis.PointerEvent | null): void => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', stop);
      window.removeEventListener('keydown', escape);
      setLift(null);
      if (e && moved.current) drop(now.current.plan, card, middle(by(e)));
    };
    const escape = (e: KeyboardEvent): void => {
      if (e.key === 'Escape') stop(null);
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', stop);
    window.addEventListener('keydown', escape);
  }, []);
  const wasDrag = useCallback(() => {
    const was = moved.current;
    moved.current = false;
    return was;
  }, []);
  return { begin, lift, wasDrag };
}

/** Into another area, with whatever else is chosen; else before or after the cards beside it. */
function drop(plan: MapPlan, card: MapCard, at: { x: number; y: number }): void {
  const { project, chosen } = useStudio.getState();
  const screen = screenById(project, card.id);
  if (!screen) return;
  const area = areaAt(plan, at.x, at.y)?.id ?? null;
  const base = plan.bands.find((band) => band.layer === 'base')!;
  const inBase = at.x >= base.x && at.x <= base.x + base.width;
  if (area !== (screen.area ?? null) && inBase) {
    const all = chosenScreens(chosen);
    edit('move to area', { screens: all.includes(card.id) ? all : [card.id], area });
    return;
  }
  orderAt(plan, card, at.x, at.y);
}

/** Those beside a card: in its row, its band and its area. */
export function besides(plan: MapPlan, card: MapCard): MapCard[] {
  const { project } = useStudio.getState();
  const area = (id: Id): Id | null => screenById(project, id)?.area ?? null;
  return plan.cards.filter(
    (mapCard) =>
      mapCard.layer === card.layer &&
      mapCard.row === card.row &&
      !mapCard.gap &&
      mapCard.holds === 0 &&
      area(mapCard.id) === area(card.id),
  );
}

function orderAt(plan: MapPlan, card: MapCard, x: number, y: number): void {
  const row = besides(plan, card);
  const others = row.filter((mapCard) => mapCard.id !== card.id);
  const before = others.filter(
    (other) => other.y + CARD.height < y || (other.y <= y && other.x + CARD.width / 2 < x),
  ).length;
  const next = [...others.slice(0, before), card, ...others.slice(before)].map((mapCard) => mapCard.id);
  if (next.join() !== row.map((mapCard) => mapCard.id).join()) edit('order screens', { screens: next });
}

/** One place on or back in its row. */
export function moveInRow(plan: MapPlan, id: Id, by: 1 | -1): void {
  const card = withId(plan.cards, id);
  if (!card) return;
  const row = besides(plan, card).map((beside) => beside.id);
  const from = row.indexOf(id);
  const to = from + by;
  if (from < 0 || to < 0 || to >= row.length) return;
  row.splice(to, 0, ...row.splice(from, 1));
  edit('order screens', { screens: row });
}
