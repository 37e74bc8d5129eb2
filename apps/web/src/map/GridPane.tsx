'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { cellKey, planGrid } from '@tavu/core/map';
import { PROJECT, type Cue, type Id, type Link } from '@tavu/core/model';
import { isException } from '@tavu/core/motion';
import { cueLabel, sentenceText } from '@tavu/core/words';
import { Plus } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { CuePicker } from '../reading/CuePicker';
import { choose, chooseLink, edit, useStudio } from '../studio/store';
import { Sheet } from '../ui/parts';

/** Sizes of a cell before it is measured, in CSS pixels. */
const ROW = 33;
const COLUMN = 120;
/** The row's own name, and what leads back from it. */
const NAMES = 168;

/** The links as a table: a row for what they set out from, a column for what they lead to. Only what is in view is drawn. */
export function GridPane() {
  const project = useStudio((studio) => studio.project);
  const grid = useMemo(() => planGrid(project), [project]);
  const links = useMemo(() => new Map(project.links.map((link) => [link.id, link])), [project.links]);
  const frame = useRef<HTMLElement>(null);
  const rows = useVirtualizer({
    count: grid.from.length,
    getScrollElement: () => frame.current,
    estimateSize: () => ROW,
    overscan: 6,
  });
  const columns = useVirtualizer({
    horizontal: true,
    count: grid.to.length,
    getScrollElement: () => frame.current,
    estimateSize: () => COLUMN,
    overscan: 3,
  });
  const across = columns.getVirtualItems();
  const down = rows.getVirtualItems();
  const before = across[0]?.start ?? 0;
  const after = columns.getTotalSize() - (across.at(-1)?.end ?? 0);
  const above = down[0]?.start ?? 0;
  const below = rows.getTotalSize() - (down.at(-1)?.end ?? 0);
  const head = 'border-r border-b border-line bg-sheet px-1.5 py-1 text-left font-semibold';
  const cellLook = 'h-8 border-r border-b border-line align-top';
  const room = (width: number) =>
    width > 0 && <td aria-hidden="true" className="p-0" style={{ width, minWidth: width }} />;
  return (
    <section
      ref={frame}
      aria-label="Grid"
      data-pane
      tabIndex={-1}
      className="min-h-0 flex-1 overflow-auto bg-mist p-3"
    >
      <p className="sticky left-0 mb-2 max-w-xl text-soft">
        From the row’s screen to the column’s. Choose a link to read it; the plus makes a new one. A link that
        moves otherwise than the house has a wavy line under it.
      </p>
      <table
        aria-rowcount={grid.from.length + 1}
        aria-colcount={grid.to.length + 2}
        className="table-fixed border-separate border-spacing-0 border-t border-l border-line text-sm"
        style={{ width: columns.getTotalSize() + NAMES + COLUMN }}
      >
        <thead className="sticky -top-3 z-20">
          <tr aria-rowindex={1}>
            <th scope="col" className={`${head} sticky -left-3 z-10`} style={{ width: NAMES }}>
              from
            </th>
            <th scope="col" className={head} style={{ width: COLUMN }}>
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
                  className={`${head} truncate ${to.gap ? 'border-dashed text-warn' : ''}`}
                >
                  {to.name}
                  {to.gap && ' (gap)'}
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
          {down.map(({ index, key }) => {
            const from = grid.from[index]!;
            return (
              <tr key={key} ref={rows.measureElement} data-index={index} aria-rowindex={index + 2}>
                <th scope="row" className={`${head} sticky -left-3 z-10`}>
                  <button
                    type="button"
                    title={from.name}
                    className="block w-full truncate text-left hover:underline"
                    onClick={() =>
                      choose(
                        project.areas.some((area) => area.id === from.id)
                          ? { area: from.id }
                          : { screen: from.id === PROJECT ? null : from.id },
                      )
                    }
                  >
                    {from.name}
                  </button>
                </th>
                <td className={cellLook}>
                  {grid.back.get(from.id)?.map((id) => (
                    <CueMark key={id} link={links.get(id)!} />
                  ))}
                  {from.stuck && <span className="px-1 font-semibold text-warn">no way back</span>}
                </td>
                {room(before)}
                {across.map(({ index: column, key: at }) => {
                  const to = grid.to[column]!;
                  const cell = grid.cells.get(cellKey(from.id, to.id));
                  return (
                    <td
                      key={at}
                      aria-colindex={column + 3}
                      className={`${cellLook} group relative ${cell ? 'bg-sheet' : ''}`}
                    >
                      {cell?.map((id) => (
                        <CueMark key={id} link={links.get(id)!} />
                      ))}
                      <NewCell from={from.id} to={to} fromName={from.name} />
                    </td>
                  );
                })}
                {room(after)}
              </tr>
            );
          })}
          {below > 0 && (
            <tr aria-hidden="true">
              <td className="p-0" style={{ height: below }} />
            </tr>
          )}
        </tbody>
      </table>
    </section>
  );
}

function CueMark({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const odd = isException(project, link);
  const chosen = useStudio((studio) => studio.chosen.link === link.id);
  return (
    <button
      type="button"
      title={sentenceText(project, link)}
      aria-label={`${cueLabel(project, link.from, link.cue)}${odd ? ', moves in its own way' : ''}`}
      aria-pressed={chosen}
      className={`mr-0.5 mb-0.5 max-w-28 min-w-6 truncate rounded border px-1 leading-6 ${chosen ? 'border-chosen bg-chosen-wash font-bold' : 'border-line bg-sheet hover:border-chosen'} ${odd ? 'underline decoration-wavy underline-offset-3' : ''}`}
      onClick={() => chooseLink(link.id)}
    >
      {cueLabel(project, link.from, link.cue)}
    </button>
  );
}

function NewCell({
  from,
  to,
  fromName,
}: {
  from: Id;
  to: { id: Id; name: string; gap: boolean };
  fromName: string;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      label={`A link from ${fromName} to ${to.name}`}
      open={open}
      onOpen={setOpen}
      trigger={
        <button
          type="button"
          aria-label={`New link from ${fromName} to ${to.name}`}
          className="inline-flex size-6 items-center justify-center rounded text-soft opacity-0 group-hover:opacity-100 hover:bg-chosen-wash focus-visible:opacity-100"
        >
          <Plus size={13} aria-hidden="true" />
        </button>
      }
    >
      {open && <Cues from={from} to={to} close={() => setOpen(false)} />}
    </Sheet>
  );
}

function Cues({
  from,
  to,
  close,
}: {
  from: Id;
  to: { id: Id; name: string; gap: boolean };
  close: () => void;
}) {
  const layer = useStudio((studio) => studio.project.screens.find((screen) => screen.id === to.id)?.layer);
  const make = (cue: Cue): void => {
    const made = edit('add link', {
      from,
      cue,
      kind: layer === 'overlay' || to.id.startsWith('gap:overlay:') ? 'open' : 'go',
      to: to.gap ? { gap: to.name } : { screen: to.id },
      effects: [],
    });
    if (made) chooseLink(made);
    close();
  };
  return <CuePicker source={from} onPick={make} />;
}
