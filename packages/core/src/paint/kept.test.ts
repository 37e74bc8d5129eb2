import fc from 'fast-check';
import { compile } from '../compile';
import { NORMAL, type RenderState } from '../drawing';
import type { Id } from '../model';
import { anyElements } from '../test/elements';
import { buttonOf, lighthouse, projectOf, screenOf } from '../test/flows';
import { paintScreen } from './screen';

const FIELDS = Object.keys(NORMAL) as (keyof RenderState)[];

/** Looks of some elements, of all sorts. */
function anyLooks(ids: readonly Id[]): fc.Arbitrary<RenderState> {
  const id = fc.constantFrom(...ids, null);
  const some = fc.subarray([...ids]);
  const each = <T>(value: fc.Arbitrary<T>): fc.Arbitrary<Record<Id, T>> =>
    some.chain((those) => fc.record(Object.fromEntries(those.map((one) => [one, value]))));
  const states = fc.constantFrom([], ['hovered'], ['focused', 'pressed']);
  const looks = fc.record({
    focus: id,
    hovered: id,
    pressed: some,
    disabled: some,
    hidden: some,
    texts: each(fc.constantFrom('Aye', '[wave]Gone[/]', '')),
    typed: each(fc.integer({ min: 0, max: 6 })),
    inks: each(fc.constantFrom('#ff0000', '#00ff00')),
    rows: each(fc.constantFrom(['one'], ['one', 'two'])),
    holds: each(fc.oneof(fc.boolean(), fc.integer({ min: 0, max: 100 }), fc.constant('keeper'))),
    faces: each(fc.record({ was: states, p: fc.constantFrom(0.25, 0.5) })),
    bars: each(fc.record({ share: fc.constantFrom(0, 0.5), loss: fc.constantFrom(0, 0.2) })),
    thumbs: each(fc.constant({ from: { x: 4, y: 4 }, at: { x: 30, y: 9 } })),
    device: fc.constantFrom('keys', 'pad', 'touch'),
    beat: fc.constantFrom(null, 3, 20),
    taking: id.map((element) =>
      element === null ? null : { element, clash: null, words: { anchor: 0, caret: 2, moved: 0 } },
    ),
  });
  return looks.map((made) => ({ ...NORMAL, ...made }) as RenderState);
}

test('what is kept of an element from one picture to the next is what would be drawn anew', () => {
  fc.assert(
    fc.property(
      anyElements(6).chain((elements) =>
        fc.tuple(
          fc.constant(elements),
          fc.array(fc.tuple(fc.constantFrom(...FIELDS), anyLooks(elements.map(({ id }) => id))), {
            minLength: 2,
            maxLength: 12,
          }),
        ),
      ),
      ([elements, all]) => {
        const { actions, values } = lighthouse();
        const project = projectOf([screenOf('s', { elements })], [], { actions, values });
        const flow = compile(project);
        let looks = NORMAL;
        for (const [field, other] of all) {
          // One thing at a time, so that nothing else tells of the change.
          looks = { ...looks, [field]: other[field] };
          const fresh = compile(structuredClone(project));
          expect(paintScreen(flow, flow.screens.get('s')!, looks).all).toEqual(
            paintScreen(fresh, fresh.screens.get('s')!, looks).all,
          );
        }
      },
    ),
    { numRuns: 150 },
  );
});

test('words that move are drawn at every beat', () => {
  const words = { ...buttonOf('b', 0), text: '[wave]Gone[/]' };
  const flow = compile(projectOf([screenOf('s', { elements: [words] })], []));
  const drawn = [null, 3, 20, 3].map((beat) =>
    JSON.stringify(paintScreen(flow, flow.screens.get('s')!, { ...NORMAL, beat }).all),
  );
  expect(new Set(drawn).size).toBe(3);
  expect(drawn[3]).toBe(drawn[1]);
});
