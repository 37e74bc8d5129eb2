'use client';

import { madeRows, rowsOf, type Listing } from '@tavu/core/lists';
import { MAX_ROWS, maxRows, type ListValue } from '@tavu/core/model';
import { listingOf } from '@tavu/core/run';
import { useRun, writeByHand } from '../../run';
import { useStudio } from '../../store';
import { Small, Tip } from '../../ui';

/** So many rows are a full list of one that has no end. */
const MANY = 200;
const SOME = 3;

/** Fills a list in Live, as the game would, at one press. */
export function LiveRows({ list }: { list: ListValue }) {
  const { id } = list;
  const listing = useListing(list);
  const most = maxRows(list);
  const full = most >= MAX_ROWS ? MANY : most;
  const put = (count: number) => () => writeByHand(id, { do: 'replace', rows: madeRows(list, count) });
  const one = madeRows(list, listing.rows.length + 1);
  const ways: [string, string, () => void][] = [
    ['None', 'It is empty', put(0)],
    ['One', 'A single row', put(1)],
    ['Some', 'Its samples', put(list.samples.length || Math.min(SOME, full))],
    ['Full', `As many as it holds: ${full}`, put(full)],
    ['Too many', 'One more than it holds, which is refused', put(full + 1)],
    ['One more', 'Another row comes', () => writeByHand(id, { do: 'put', rows: one.slice(-1) })],
    [
      'One less',
      'Its first row goes',
      () => writeByHand(id, { do: 'remove', keys: listing.rows.slice(0, 1).map(({ key }) => key) }),
    ],
    ['Waiting', 'The game is still getting it', () => writeByHand(id, { do: 'wait' })],
    ['Failed', 'The game could not get it', () => writeByHand(id, { do: 'fail', why: 'No answer' })],
  ];
  const offered = most >= MAX_ROWS ? ways.filter(([name]) => name !== 'Too many') : ways;
  return (
    <div role="group" aria-label={`${list.name} in Live`} className="flex flex-wrap gap-1">
      {offered.map(([name, about, go]) => (
        <Tip key={name} text={about}>
          <Small onClick={go}>{name}</Small>
        </Tip>
      ))}
    </div>
  );
}

function useListing({ id }: ListValue): Pick<Listing, 'state' | 'rows'> {
  const flow = useStudio((studio) => studio.flow);
  return useRun((run) => listingOf(flow, run, id)) ?? NOTHING;
}
const NOTHING = { state: 'ready', rows: [] } as const;

/** What a list holds in Live now, in a few words. */
export function useListNow(list: ListValue): { words: string; rows: ReturnType<typeof rowsOf> } {
  const listing = useListing(list);
  const count = listing.rows.length === 1 ? '1 row' : `${listing.rows.length} rows`;
  const state = { ready: '', waiting: 'waiting, ', failed: 'failed, ' }[listing.state];
  return { words: `${state}${count}`, rows: rowsOf(listing) };
}
