import { CARD, type MapCard, type MapPlan } from '@tavu/core/map';
import { screenById, type Id, withId } from '@tavu/core/model';
import type { KeyboardEvent } from 'react';
import { choose, chooseAlso, chosenScreens, edit, NOTHING, useStudio } from '../../store';
import { goOnAt } from '../../ui';
import { centreOnMap } from './centre';
import { moveInRow } from './dragCard';
import type { Dropped } from './dragLink';

/** What the keyboard does on the map. Each takes the card that has the keyboard, or else what is chosen. */
export function mapKeys(
  plan: MapPlan,
  does: { add: () => void; link: (from: Dropped) => void; goTo: (card: Id) => void },
): (event: KeyboardEvent) => void {
  return (event) => {
    const target = event.target as Element;
    if (target.closest('input, select')) return;
    const { project, chosen } = useStudio.getState();
    const on = target.closest('[data-card]')?.getAttribute('data-card') ?? null;
    const here = on ?? chosen.screen;
    const screen = screenById(project, here);
    const card = plan.cards.find((mapCard) => mapCard.id === here && !mapCard.gap && mapCard.holds === 0);
    const all = chosenScreens(chosen);
    const meant = screen && !all.includes(screen.id) ? [screen.id] : all;
    const control = event.ctrlKey || event.metaKey;
    const key = event.key.toLowerCase();
    const way = WAYS[event.key];
    if (key === 'n' && !control) does.add();
    else if (key === 'l' && !control && card)
      does.link({ from: { screen: card.id, element: null }, at: { x: card.x + CARD.width, y: card.y + 20 } });
    else if (event.key === 'Delete' && meant.length > 0)
      edit('delete screens', { screens: meant }, { chosen: () => NOTHING });
    else if (key === 'd' && control && meant.length > 0) {
      edit(
        'duplicate screens',
        { screens: meant },
        { chosen: (made) => ({ ...NOTHING, screen: made ?? null }) },
      );
      goOnAtChosen();
    } else if (key === 'a' && control) {
      const [first, ...others] = project.screens.map((item) => item.id);
      choose({ screen: first ?? null, others });
    } else if (event.key === 'Enter' && (control || event.shiftKey) && screen) chooseAlso(screen.id);
    else if (event.altKey && way && way.x !== 0 && card) moveInRow(plan, card.id, way.x > 0 ? 1 : -1);
    else if (way && on) {
      const next = neighbour(plan.cards, on, way);
      if (next && !focusCard(next)) does.goTo(next);
    } else return;
    event.preventDefault();
  };
}

const WAYS: Record<string, { x: number; y: number }> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** The nearest card that way. */
function neighbour(cards: readonly MapCard[], from: Id, way: { x: number; y: number }): Id | undefined {
  const here = withId(cards, from);
  if (!here) return undefined;
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

/** After something was made, the keyboard goes on at the card that is chosen then; the map brings it into view. */
export function goOnAtChosen(): void {
  goOnAt(() => {
    const { screen } = useStudio.getState().chosen;
    const card = screen === null ? undefined : cardButton(screen);
    // One that is not drawn yet is brought to the middle; one that is stays where it is seen.
    if (screen !== null && !card) centreOnMap(screen);
    return card;
  });
}

/** Moves the keyboard to a card, if it is drawn. */
export function focusCard(id: Id): boolean {
  const button = cardButton(id);
  button?.focus();
  return button !== null;
}

export const cardButton = (id: Id): HTMLElement | null =>
  document.querySelector<HTMLElement>(`[data-card="${CSS.escape(id)}"] button`);
