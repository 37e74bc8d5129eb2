'use client';

import { elementOf } from '@tavu/core/triggers';
import { CARD, type MapCard, type MapPlan, type Point } from '@tavu/core/map';
import { linksFrom, type Trigger, type Id, type Link, type Project, withId } from '@tavu/core/model';
import { useCallback, useRef, useState, type PointerEvent, type RefObject } from 'react';
import { edit, useStudio } from '../../store';
import { Picker, type Choice, Sheet } from '../../ui';
import { kindFor } from '../../fields';
import { goOnAtChosen } from './keys';

export interface DragFrom {
  screen: Id;
  element: Id | null;
}
export interface Dropped {
  from: DragFrom;
  at: Point;
}

/** Drawing a new link from a card or control to another card, or to where a new one should be. */
export function useDraggedLink(
  frame: RefObject<HTMLDivElement | null>,
  view: { x: number; y: number; k: number },
  plan: MapPlan,
) {
  const [line, setLine] = useState<{ from: Point; to: Point } | null>(null);
  const [over, setOver] = useState<Id | null>(null);
  const [dropped, setDropped] = useState<Dropped | null>(null);
  const now = useRef({ view, plan });
  now.current = { view, plan };

  const begin = useCallback(
    (from: DragFrom, event: PointerEvent) => {
      event.preventDefault();
      event.stopPropagation();
      const box = frame.current!.getBoundingClientRect();
      const at = (e: { clientX: number; clientY: number }): Point => {
        const { x, y, k } = now.current.view;
        return { x: (e.clientX - box.left - x) / k, y: (e.clientY - box.top - y) / k };
      };
      const start = at(event);
      const cardAt = (p: Point) =>
        now.current.plan.cards.find(
          (card) =>
            p.x >= card.x && p.x <= card.x + CARD.width && p.y >= card.y && p.y <= card.y + CARD.height,
        );
      const move = (e: globalThis.PointerEvent): void => {
        const to = at(e);
        setLine({ from: start, to });
        setOver(cardAt(to)?.id ?? null);
      };
      const stop = (e: globalThis.PointerEvent | null): void => {
        window.removeEventListener('pointermove', move);
        window.removeEventListener('pointerup', stop);
        window.removeEventListener('keydown', escape);
        setLine(null);
        setOver(null);
        if (!e) return;
        const to = at(e);
        if (Math.hypot(to.x - start.x, to.y - start.y) < 8) return;
        const card = cardAt(to);
        if (!card) return setDropped({ from, at: to });
        if (card.holds > 0 || card.layer === 'hud') return;
        const { project } = useStudio.getState();
        const link = linkTo(project, from, card);
        edit('add link', link, {
          chosen: (made) => ({ screen: from.screen, element: null, link: made ?? null }),
        });
      };
      const escape = (e: KeyboardEvent): void => {
        if (e.key === 'Escape') stop(null);
      };
      window.addEventListener('pointermove', move);
      window.addEventListener('pointerup', stop);
      window.addEventListener('keydown', escape);
    },
    [frame],
  );
  return { begin, line, over, dropped, ask: setDropped };
}

/** A control sets off its own press. A card's edge says nothing yet: its first button without a link, else confirm. */
function triggerFor(project: Project, from: DragFrom): Trigger {
  if (from.element) return { on: 'press', element: from.element };
  const taken = new Set(linksFrom(project, from.screen).map(({ trigger }) => elementOf(trigger)));
  const screen = withId(project.screens, from.screen);
  const free = screen?.elements.find((element) => element.type === 'button' && !taken.has(element.id));
  return free ? { on: 'press', element: free.id } : { on: 'action', action: 'confirm', when: 'down' };
}

/** From a card by key, or dropped where no card is: say which screen it leads to, an old one or a new name. */
export function NewLink({ dropped, onDone }: { dropped: Dropped; onDone: () => void }) {
  const project = useStudio((studio) => studio.project);
  const { from } = dropped;
  const make = (name: string, layer: 'base' | 'overlay'): void => {
    const link: Omit<Link, 'id'> = {
      from: from.screen,
      trigger: triggerFor(project, from),
      kind: layer === 'base' ? 'go' : 'open',
      effects: [],
    };
    edit(
      'link to new screen',
      { link, name, kind: kindFor(name, layer), layer },
      { chosen: (made) => ({ screen: made ?? null, element: null, link: null }) },
    );
    onDone();
    goOnAtChosen();
  };
  const choices: Choice[] = project.screens
    .filter((screen) => screen.id !== from.screen && screen.layer !== 'hud')
    .map((screen) => ({
      key: screen.id,
      words: screen.name,
      label: screen.name,
      hint: { base: 'go to', overlay: 'open over', notice: 'show', hud: '' }[screen.layer],
      onPick: () => {
        edit('add link', linkTo(project, from, { ...screen, gap: false }), {
          chosen: (made) => ({ screen: from.screen, element: null, link: made ?? null }),
        });
        onDone();
        goOnAtChosen();
      },
    }));
  const typed = (text: string): Choice[] => [
    {
      key: 'go',
      group: 'New',
      words: text,
      label: `Go to “${text.slice(0, 80)}”`,
      onPick: () => make(text.slice(0, 80), 'base'),
    },
    {
      key: 'open',
      group: 'New',
      words: text,
      label: `Open “${text.slice(0, 80)}” over it`,
      onPick: () => make(text.slice(0, 80), 'overlay'),
    },
  ];
  return (
    <Sheet
      open
      label="Where the new link leads"
      onOpen={(open) => !open && onDone()}
      anchor={<span className="absolute size-1" style={{ left: dropped.at.x, top: dropped.at.y }} />}
    >
      <Picker
        label="Where the new link leads"
        placeholder="A screen, or a new name"
        choices={choices}
        typed={typed}
      />
    </Sheet>
  );
}

/** The link that a line from one thing to a card stands for: what it does follows the card's layer. */
function linkTo(
  project: Project,
  from: DragFrom,
  card: Pick<MapCard, 'id' | 'name' | 'layer' | 'gap'>,
): Omit<Link, 'id'> {
  const trigger = triggerFor(project, from);
  if (card.layer === 'notice')
    return { from: from.screen, trigger, kind: 'stay', effects: [{ do: 'notice', screen: card.id }] };
  const to = card.gap ? { gap: card.name } : { screen: card.id };
  return { from: from.screen, trigger, kind: card.layer === 'base' ? 'go' : 'open', to, effects: [] };
}
