'use client';

import { cellKey, planGrid } from '@tavu/core/map';
import { PROJECT, type Cue, type Id, type Link } from '@tavu/core/model';
import { isException } from '@tavu/core/motion';
import { cueLabel, sentenceText } from '@tavu/core/words';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { CuePicker } from '../reading/CuePicker';
import { choose, chooseLink, edit, useStudio } from '../studio/store';
import { Sheet } from '../ui/parts';

/** The links as a table: a row for what they set out from, a column for what they lead to. */
export function GridPane() {
  const project = useStudio((studio) => studio.project);
  const grid = useMemo(() => planGrid(project), [project]);
  const links = useMemo(() => new Map(project.links.map((link) => [link.id, link])), [project.links]);
  const head = 'border border-line bg-sheet px-1.5 py-1 text-left font-semibold';
  const cellLook = 'h-8 min-w-20 border border-line align-top';
  return (
    <section aria-label="Grid" data-pane tabIndex={-1} className="min-h-0 flex-1 overflow-auto bg-mist p-3">
      <p className="mb-2 text-soft">
        From the row’s screen to the column’s. Choose a link to read it; the plus makes a new one. A link that
        moves otherwise than the house has a wavy line under it.
      </p>
      <table className="border-collapse text-sm">
        <thead>
          <tr>
            <th scope="col" className={`${head} sticky left-0 z-10`}>
              from
            </th>
            <th scope="col" className={head}>
              back
            </th>
            {grid.to.map((to) => (
              <th
                key={to.id}
                scope="col"
                className={`${head} max-w-28 ${to.gap ? 'border-dashed text-warn' : ''}`}
              >
                {to.name}
                {to.gap && ' (gap)'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {grid.from.map((from) => (
            <tr key={from.id}>
              <th scope="row" className={`${head} sticky left-0 z-10`}>
                <button
                  type="button"
                  className="hover:underline"
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
              {grid.to.map((to) => {
                const cell = grid.cells.get(cellKey(from.id, to.id));
                return (
                  <td key={to.id} className={`${cellLook} group relative ${cell ? 'bg-sheet' : ''}`}>
                    {cell?.map((id) => (
                      <CueMark key={id} link={links.get(id)!} />
                    ))}
                    <NewCell from={from.id} to={to} fromName={from.name} />
                  </td>
                );
              })}
            </tr>
          ))}
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
