'use client';

import { isUsed, lostIn, movesOf } from '@tavu/core/focus';
import { DIRECTIONS, WRAPS, type Direction, type Id, type Screen, type Wraps } from '@tavu/core/model';
import { ListOrdered, TriangleAlert } from 'lucide-react';
import { setView, useView, choose, edit, useStudio } from '../store';
import { Group, Small, Reorder, SelectRow, ThingRow } from '../ui';

const WRAP_WORDS: Record<Wraps, string> = {
  'up and down': 'up and down',
  'left and right': 'left and right',
  both: 'both ways',
  never: 'nowhere',
};

/** Where the focus goes on a screen: whether its ends meet, the order it is read in, what cannot be reached. */
export function FocusPanel({ screen }: { screen: Screen }) {
  const compiled = useStudio((studio) => studio.flow.screens.get(screen.id));
  const ordering = useView((view) => view.ordering);
  const arrows = useView((view) => view.arrows);
  if (!compiled || compiled.focus.order.length === 0) return null;
  const { focus } = compiled;
  const nameOf = (id: Id): string => compiled.byId.get(id)?.name ?? id;
  const { unreachable, deadEnds } = lostIn(focus, compiled.firstFocus);
  const oneWay = movesOf(focus, screen.focus).filter((move) => move.own && move.oneWay);
  const put = (order: Id[] | undefined): void =>
    void edit('change focus', { screen: screen.id, change: { order } });
  return (
    <Group title="Focus on this screen" unfolded={false}>
      <ThingRow
        label="First focus"
        value={screen.firstFocus}
        none="first in reading order"
        things={compiled.elements.filter(isUsed)}
        onChange={(firstFocus) => edit('change screen', { screen: screen.id, change: { firstFocus } })}
      />
      <SelectRow<Wraps>
        label="Wrap focus"
        value={screen.focus?.wraps ?? 'up and down'}
        options={WRAPS.map((wraps): [Wraps, string] => [wraps, WRAP_WORDS[wraps]])}
        onChange={(wraps) =>
          edit('change focus', {
            screen: screen.id,
            change: { wraps: wraps === 'up and down' ? undefined : wraps },
          })
        }
      />
      <div className="flex flex-wrap gap-1">
        <Small onClick={() => setView({ arrows: !arrows })}>
          {arrows ? 'Hide the arrows in Live' : 'Show it as arrows in Live'}
        </Small>
        <Small onClick={() => setView({ ordering: ordering ? null : [] })}>
          <ListOrdered size={11} aria-hidden="true" className="inline" />{' '}
          {ordering ? 'Done' : 'Set the order by clicking'}
        </Small>
        {screen.focus?.order && <Small onClick={() => put(undefined)}>Default order</Small>}
      </div>
      {[
        ...unreachable.map((id) => ({ id, words: 'no direction leads to it' })),
        ...deadEnds.map((id) => ({ id, words: 'no direction leads away from it' })),
        ...oneWay.map(({ from, to, direction }) => ({
          id: from,
          words: `${direction} leads to ${nameOf(to)}, and not back`,
        })),
      ].map(({ id, words }) => (
        <p key={`${id} ${words}`} className="flex items-start gap-1 text-sm text-warn">
          <TriangleAlert size={13} aria-hidden="true" className="mt-0.5 shrink-0" />
          <span>
            <button
              type="button"
              className="font-semibold underline"
              onClick={() => choose({ screen: screen.id, element: id })}
            >
              {nameOf(id)}
            </button>
            : {words}
          </span>
        </p>
      ))}
      <Reorder
        label="Reading and focus order"
        items={focus.order}
        keyOf={(id) => id}
        handleName="Move in the reading order"
        onMove={(from, to) => {
          const order = [...focus.order];
          order.splice(to, 0, ...order.splice(from, 1));
          put(order);
        }}
      >
        {(id, i, handle) => (
          <div className="flex items-center gap-1 rounded border border-line bg-sheet pr-1">
            {handle}
            <span className="w-5 text-right font-mono text-soft">{i + 1}</span>
            <span className="min-w-0 flex-1 truncate">{nameOf(id)}</span>
          </div>
        )}
      </Reorder>
    </Group>
  );
}

/** Where each direction leads from one element: as the layout says, or as set by hand. */
export function ElementWays({ screen, path }: { screen: Screen; path: Id }) {
  const compiled = useStudio((studio) => studio.flow.screens.get(screen.id));
  if (!compiled?.focus.order.includes(path)) return null;
  const { order, next } = compiled.focus;
  const nameOf = (id: Id): string => compiled.byId.get(id)?.name ?? id;
  const own = screen.focus?.next?.[path] ?? {};
  const lead = (direction: Direction, to: Id | null | undefined): void =>
    void edit('lead focus', { screen: screen.id, from: path, direction, to });
  const byLayout = (direction: Direction): string => {
    const to = direction in own ? undefined : next.get(path)?.[direction];
    return to === undefined ? 'by the layout' : `by the layout: ${nameOf(to)}`;
  };
  return (
    <Group title="Focus links" unfolded={Object.keys(own).length > 0}>
      {DIRECTIONS.map((direction) => (
        <SelectRow<string>
          key={direction}
          label={direction}
          value={own[direction] === null ? 'nowhere' : (own[direction] ?? '')}
          options={[
            ['', byLayout(direction)],
            ...order.filter((id) => id !== path).map((id): [string, string] => [id, nameOf(id)]),
            ['nowhere', 'nowhere'],
          ]}
          onChange={(to) => lead(direction, to === '' ? undefined : to === 'nowhere' ? null : to)}
        />
      ))}
    </Group>
  );
}
