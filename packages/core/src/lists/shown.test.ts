import fc from 'fast-check';
import type { ListElement } from '../model';
import { anyCrew, anyListWrite } from '../test/lists';
import { firstListing, shownRows, write, type ListedRow } from '.';

/** Which rows are shown, and in which order. */

const sorts = fc.constantFrom<ListElement['sort']>(
  undefined,
  [{ by: 'ping' }],
  [{ by: 'ready', down: true }, { by: 'side' }],
  [{ by: 'side' }, { by: 'name', down: true }, { by: 'ping' }],
);
const holds = ({ held }: ListedRow): boolean => Number(held.ping) < 250;

test('they are in order of each field in turn, and those that are alike as they came', () => {
  fc.assert(
    fc.property(anyCrew, sorts, (list, sort) => {
      const { rows } = firstListing(list);
      const shown = shownRows(rows, { sort }, holds);
      expect([...shown].map(({ key }) => key).sort()).toEqual(
        rows
          .filter(holds)
          .map(({ key }) => key)
          .sort(),
      );
      shown.slice(1).forEach((row, i) => {
        const before = shown[i]!;
        const differs = (sort ?? []).find(({ by }) => before.held[by] !== row.held[by]);
        if (!differs) return expect(rows.indexOf(before)).toBeLessThan(rows.indexOf(row));
        const [a, b] = [before.held[differs.by]!, row.held[differs.by]!];
        const rises = typeof a === 'string' ? a.localeCompare(String(b), 'en') < 0 : Number(a) < Number(b);
        expect(rises).toBe(!differs.down);
      });
    }),
  );
});

test('after any writes it is the same, whether it goes on from what there was or begins anew', () => {
  const writes = fc.array(anyListWrite, { maxLength: 12 });
  fc.assert(
    fc.property(anyCrew, sorts, writes, (list, sort, given) => {
      let listing = firstListing(list);
      let before = { of: listing.rows, shown: shownRows(listing.rows, { sort }, holds) };
      for (const each of given) {
        listing = write(list, listing, each).listing;
        const shown = shownRows(listing.rows, { sort }, holds, before);
        expect(shown).toEqual(shownRows(listing.rows, { sort }, holds));
        before = { of: listing.rows, shown };
      }
    }),
  );
});
