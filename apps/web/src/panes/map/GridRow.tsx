'use client';

import type { VirtualItem } from '@tanstack/react-virtual';
import { cellKey, type Grid } from '@tavu/core/map';
import { PROJECT, type Id, type Link } from '@tavu/core/model';
import { isException } from '@tavu/core/motion';
import { triggerLabel } from '@tavu/core/triggers/author';
import { sentenceText } from '@tavu/core/words';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { memo } from 'react';
import { choose, chooseLink, useStudio } from '../../store';

export const HEAD = 'border-r border-b border-line bg-sheet px-1.5 py-1 text-left font-semibold';
const CELL = 'h-8 border-r border-b border-line align-top';

/** A spacer for columns that are not drawn. */
export const room = (width: number) =>
  width > 0 && <td aria-hidden="true" className="p-0" style={{ width, minWidth: width }} />;

/** One row. The pluses of all cells are pressed through the table, which knows the cell by its place. */
export const GridRow = memo(function GridRow({
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
