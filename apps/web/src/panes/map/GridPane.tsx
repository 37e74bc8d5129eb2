'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { planGrid, type Grid } from '@tavu/core/map';
import { type Trigger, type Id, withId } from '@tavu/core/model';
import {
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type Dispatch,
  type MouseEvent,
  type SetStateAction,
} from 'react';
import { TriggerPicker } from '../../triggers';
import { chooseLink, edit, useStudio } from '../../store';
import { Check, Sheet, Small } from '../../ui';
import { FilterSheet } from './FilterSheet';
import { HEAD, GridRow, room } from './GridRow';
import { lookAt, useLooked } from './looked';
import { toggled } from './toggled';

/** Sizes of a cell before it is measured, in CSS pixels. */
const ROW = 33;
const COLUMN = 104;
/** The row's own name, and what leads back from it. */
const NAMES = 140;

/** Which areas are folded, and whether empty rows are shown, stays as it is while the grid is not shown. */
interface Seen {
  opened: number;
  folded: ReadonlySet<Id>;
  linked: boolean;
}
let kept: Seen = { opened: 0, folded: new Set(), linked: true };

function useSeen(): [Seen, Dispatch<SetStateAction<Seen>>] {
  const opened = useStudio((studio) => studio.opened);
  const [seen, setSeen] = useState(kept);
  if (seen.opened !== opened) setSeen({ opened, folded: new Set(), linked: true });
  useEffect(() => {
    kept = seen;
  }, [seen]);
  return [seen, setSeen];
}

/** The cell for which a new link is made, and where its plus is. */
interface Asked {
  from: Grid['from'][number];
  to: Grid['to'][number];
  at: { left: number; top: number };
}

/**
 * The links as a table: a row for what they set out from, a column for what they lead to. Only what is in view is
 * drawn.
 */
export function GridPane() {
  const project = useStudio((studio) => studio.project);
  const { filter, looked } = useLooked();
  const [{ folded, linked }, setSeen] = useSeen();
  const grid = useMemo(
    () => planGrid(project, { folded, linked, only: looked }),
    [project, folded, linked, looked],
  );
  const every = project.areas.map(({ id }) => id);
  const onFold = useCallback(
    (area: Id): void => setSeen((seen) => ({ ...seen, folded: toggled(seen.folded, area) })),
    [setSeen],
  );
  const links = useMemo(() => new Map(project.links.map((link) => [link.id, link])), [project.links]);
  const frame = useRef<HTMLElement>(null);
  const rows = useVirtualizer({
    count: grid.from.length,
    getScrollElement: () => frame.current,
    estimateSize: () => ROW,
    overscan: 4,
  });
  const columns = useVirtualizer({
    horizontal: true,
    count: grid.to.length,
    getScrollElement: () => frame.current,
    estimateSize: () => COLUMN,
    overscan: 2,
  });
  const across = columns.getVirtualItems();
  const down = rows.getVirtualItems();
  const before = across[0]?.start ?? 0;
  const after = columns.getTotalSize() - (across.at(-1)?.end ?? 0);
  const above = down[0]?.start ?? 0;
  const below = rows.getTotalSize() - (down.at(-1)?.end ?? 0);
  const [asked, setAsked] = useState<Asked | null>(null);
  const ask = (event: MouseEvent): void => {
    const button = (event.target as Element).closest<HTMLElement>('[data-cell]');
    if (!button) return;
    const [row, column] = button.dataset.cell!.split(' ').map(Number) as [number, number];
    const { left, top } = button.getBoundingClientRect();
    setAsked({ from: grid.from[row]!, to: grid.to[column]!, at: { left, top } });
  };
  return (
    <section
      ref={frame}
      aria-label="Grid"
      data-pane
      tabIndex={-1}
      className="min-h-0 flex-1 overflow-auto bg-mist p-3"
    >
      <div className="sticky left-0 mb-2 flex max-w-xl flex-wrap items-center gap-x-3 gap-y-1">
        <FilterSheet filter={filter} onChange={lookAt} />
        <Check on={linked} onChange={(on) => setSeen((seen) => ({ ...seen, linked: on }))}>
          Only where there are links
        </Check>
        {every.length > 0 && (
          <Small
            onClick={() =>
              setSeen((seen) => ({ ...seen, folded: new Set(seen.folded.size > 0 ? [] : every) }))
            }
          >
            {folded.size > 0 ? 'Unfold all areas' : 'Fold all areas'}
          </Small>
        )}
        <p className="text-sm text-soft">
          From the row’s screen to the column’s. Choose a link to read it; the plus makes a new one. A link
          that has a motion of its own has a wavy line under it.
        </p>
      </div>
      {grid.to.length === 0 && (
        <p className="text-soft">
          {looked
            ? 'No screen that is looked at is led to.'
            : 'There are no screens yet. Press N on the map to make one.'}
        </p>
      )}
      <table
        onClick={ask}
        aria-rowcount={grid.from.length + 1}
        aria-colcount={grid.to.length + 2}
        className="table-fixed border-separate border-spacing-0 border-t border-l border-line text-sm"
        style={{ width: columns.getTotalSize() + NAMES + COLUMN }}
      >
        <thead className="sticky -top-3 z-20">
          <tr aria-rowindex={1}>
            <th scope="col" className={`${HEAD} sticky -left-3 z-10`} style={{ width: NAMES }}>
              from
            </th>
            <th scope="col" className={HEAD} style={{ width: COLUMN }}>
              back
            </th>
            {room(before)}
            {across.map(({ index, key }) => {
              const to = grid.to[index]!;
              return (
                <th
                  key={key}
                  scope="col"
                  aria-colindex={index + 3}
                  title={to.name}
                  style={{ width: COLUMN }}
                  className={`${HEAD} truncate ${to.gap ? 'border-dashed text-warn' : ''}`}
                >
                  {to.name}
                  {to.gap && ' (gap)'}
                  {to.folded && ' …'}
                </th>
              );
            })}
            {room(after)}
          </tr>
        </thead>
        <tbody>
          {above > 0 && (
            <tr aria-hidden="true">
              <td className="p-0" style={{ height: above }} />
            </tr>
          )}
          {down.map(({ index, key }) => (
            <GridRow
              key={key}
              index={index}
              from={grid.from[index]!}
              grid={grid}
              links={links}
              across={across}
              before={before}
              after={after}
              measure={rows.measureElement}
              folded={folded.has(grid.from[index]!.id)}
              onFold={onFold}
            />
          ))}
          {below > 0 && (
            <tr aria-hidden="true">
              <td className="p-0" style={{ height: below }} />
            </tr>
          )}
        </tbody>
      </table>
      {asked && (
        <Sheet
          open
          label={`A link from ${asked.from.name} to ${asked.to.name}`}
          onOpen={() => setAsked(null)}
          anchor={<span className="fixed size-6" style={asked.at} />}
        >
          <Triggers from={asked.from.id} to={asked.to} close={() => setAsked(null)} />
        </Sheet>
      )}
    </section>
  );
}

function Triggers({
  from,
  to,
  close,
}: {
  from: Id;
  to: { id: Id; name: string; gap: boolean };
  close: () => void;
}) {
  const layer = useStudio((studio) => withId(studio.project.screens, to.id)?.layer);
  const make = (trigger: Trigger): void => {
    const made = edit('add link', {
      from,
      trigger,
      kind: layer === 'overlay' || to.id.startsWith('gap:overlay:') ? 'open' : 'go',
      to: to.gap ? { gap: to.name } : { screen: to.id },
      effects: [],
    });
    if (made) chooseLink(made);
    close();
  };
  return <TriggerPicker source={from} onPick={make} />;
}
