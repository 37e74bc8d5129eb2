'use client';

import { triggerLabel } from '@tavu/core/triggers/author';
import { useVirtualizer, type VirtualItem } from '@tanstack/react-virtual';
import { cellKey, planGrid, type Grid } from '@tavu/core/map';
import { PROJECT, type Trigger, type Id, type Link, withId } from '@tavu/core/model';
import { isException } from '@tavu/core/motion';
import { sentenceText } from '@tavu/core/words';
import { ChevronDown, ChevronRight } from 'lucide-react';
import {
  memo,
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
import { choose, chooseLink, edit, useStudio } from '../../store';
import { Check, Sheet, Small } from '../../ui';
import { FilterSheet } from './FilterSheet';
import { lookAt, useLooked } from './looked';
import { toggled } from './toggled';

/** Sizes of a cell before it is measured, in CSS pixels. */
const ROW = 33;
const COLUMN = 104;
/** The row's own name, and what leads back from it. */
const NAMES = 140;

const HEAD = 'border-r border-b border-line bg-sheet px-1.5 py-1 text-left font-semibold';
const CELL = 'h-8 border-r border-b border-line align-top';

/** A spacer for columns that are not drawn. */
const room = (width: number) =>
  width > 0 && <td aria-hidden="true" className="p-0" style={{ width, minWidth: width }} />;

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
            <Line
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

/** One row. The pluses of all cells are pressed through the table, which knows the cell by its place. */
const Line = memo(function Line({
  index,
  from,
  grid,
  links,
  across,
  before,
  after,
  measure,
  folded,
  onFold,
}: {
  index: number;
  from: Grid['from'][number];
  grid: Grid;
  links: ReadonlyMap<Id, Link>;
  across: readonly VirtualItem[];
  before: number;
  after: number;
  measure: (row: HTMLElement | null) => void;
  /** It is an area whose screens are in its row. */
  folded: boolean;
  onFold: (area: Id) => void;
}) {
  return (
    <tr ref={measure} data-index={index} aria-rowindex={index + 2}>
      <th scope="row" className={`${HEAD} sticky -left-3 z-10`}>
        <span className="flex items-center">
          {from.holds !== null && from.holds > 0 && (
            <button
              type="button"
              aria-label={`${folded ? 'Unfold' : 'Fold'} ${from.name}`}
              aria-expanded={!folded}
              className="-ml-1 flex size-6 shrink-0 items-center justify-center rounded hover:bg-chosen-wash"
              onClick={() => onFold(from.id)}
            >
              {folded ? <ChevronRight size={13} /> : <ChevronDown size={13} />}
            </button>
          )}
          <button
            type="button"
            title={from.name}
            className="block min-w-0 flex-1 truncate text-left hover:underline"
            onClick={() =>
              choose(
                from.holds !== null ? { area: from.id } : { screen: from.id === PROJECT ? null : from.id },
              )
            }
          >
            {from.name}
          </button>
          {folded && <span className="shrink-0 pl-1 text-xs font-normal text-soft">{from.holds}</span>}
        </span>
      </th>
      <td className={CELL}>
        <Marks
          ids={grid.back.get(from.id) ?? NO_LINKS}
          links={links}
          sum={folded}
          onUnfold={() => onFold(from.id)}
        />
        {from.stuck && <span className="px-1 font-semibold text-warn">no way back</span>}
      </td>
      {room(before)}
      {across.map(({ index: column, key }) => {
        const to = grid.to[column]!;
        const cell = grid.cells.get(cellKey(from.id, to.id));
        return (
          <td key={key} aria-colindex={column + 3} className={`${CELL} group ${cell ? 'bg-sheet' : ''}`}>
            {cell && (
              <Marks
                ids={cell}
                links={links}
                sum={folded || to.folded}
                onUnfold={() => onFold(folded ? from.id : to.id)}
              />
            )}
            {!to.folded && (
              <button
                type="button"
                aria-label={`New link from ${from.name} to ${to.name}`}
                data-cell={`${index} ${column}`}
                className="size-6 rounded text-soft opacity-0 group-hover:opacity-100 hover:bg-chosen-wash focus-visible:opacity-100"
              >
                +
              </button>
            )}
          </td>
        );
      })}
      {room(after)}
    </tr>
  );
});

const NO_LINKS: readonly Id[] = [];
/** So many links of folded areas stand in a cell by themselves. */
const FEW = 2;

/** The links of a cell; those of folded areas by their number where they are many. */
function Marks({
  ids,
  links,
  sum,
  onUnfold,
}: {
  ids: readonly Id[];
  links: ReadonlyMap<Id, Link>;
  sum: boolean;
  onUnfold: () => void;
}) {
  if (sum && ids.length > FEW)
    return (
      <button
        type="button"
        title="Unfold the area to see each"
        className="rounded px-1 leading-6 text-soft hover:underline"
        onClick={onUnfold}
      >
        {ids.length} links
      </button>
    );
  return ids.map((id) => <TriggerMark key={id} link={links.get(id)!} />);
}

function TriggerMark({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const odd = isException(project, link);
  const chosen = useStudio((studio) => studio.chosen.link === link.id);
  return (
    <button
      type="button"
      title={sentenceText(project, link)}
      aria-label={`${triggerLabel(project, link.from, link.trigger)}${odd ? ', moves in its own way' : ''}`}
      aria-pressed={chosen}
      className={`mr-0.5 mb-0.5 max-w-24 min-w-6 truncate rounded border px-1 leading-6 ${chosen ? 'border-chosen bg-chosen-wash font-bold' : 'border-line bg-sheet hover:border-chosen'} ${odd ? 'underline decoration-wavy underline-offset-3' : ''}`}
      onClick={() => chooseLink(link.id)}
    >
      {triggerLabel(project, link.from, link.trigger)}
    </button>
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
