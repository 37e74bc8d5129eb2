import type { Item } from '../../drawing';
import fc from 'fast-check';
import { accessOf } from '../../access';
import type { Element, Project } from '../../model';
import { hitTest, paintRun, tooltipTest } from '../../paint';
import { buttonOf, down, link, Play, projectOf, screenOf } from '../../test/flows';
import { tooltipOn } from '..';

const WAIT = 600;
const tipped = (id: string, y: number, tooltip: string, over: object = {}): Element =>
  ({ ...buttonOf(id, y), tooltip, ...over }) as Element;
const panel = {
  ...buttonOf('board', 800),
  type: 'panel',
  tooltip: 'The tide board',
} as Element;

const made = (over: Partial<Project> = {}): Play =>
  new Play(
    projectOf(
      [
        screenOf('title', {
          elements: [
            tipped('begin', 100, 'A new night, at {oil} %'),
            buttonOf('plain', 300),
            tipped('low', 1000, 'At the bottom'),
            panel,
          ],
        }),
        screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['resume']),
      ],
      [link('title', down('menu'), 'open', 'pause')],
      {
        values: [{ id: 'oil', name: 'oil', section: '', life: 'progress', type: 'number', default: 62 }],
        ...over,
      },
    ),
  );

const point = (play: Play, x: number, y: number): Play => {
  const { flow, state } = play;
  const spot = hitTest(flow, state, x, y);
  return play.give({
    type: 'pointer',
    device: 'pointer',
    phase: 'move',
    spot,
    over: tooltipTest(flow, state, x, y),
  });
};
const shown = ({ flow, state }: Play): string | null => tooltipOn(flow, state)?.words ?? null;
const textsOf = (
  items: readonly Item[],
): { words: string; x: number; y: number; width: number; height: number }[] =>
  items.flatMap((item) =>
    item.kind === 'group'
      ? textsOf(item.items)
      : item.kind === 'text'
        ? [{ words: item.lines.map((line) => line.text).join(' '), ...item.rect }]
        : [],
  );
const drawn = (play: Play, words: string) =>
  textsOf(paintRun(play.flow, play.state)).find((text) => text.words === words);

describe('by pointer', () => {
  test('it is shown once the pointer has rested there, with what its names hold, and is gone where it leaves', () => {
    const play = point(made(), 960, 136).wait(WAIT - 1);
    expect(shown(play)).toBeNull();
    expect(shown(play.wait(1))).toBe('A new night, at 62 %');
    expect(drawn(play, 'A new night, at 62 %')).toBeDefined();
    expect(shown(point(play, 960, 336))).toBeNull();
    expect(drawn(play, 'A new night, at 62 %')).toBeUndefined();
  });

  test('what cannot be pressed tells its own, too, and a press goes on to what it went to before', () => {
    const play = point(made(), 960, 836).wait(WAIT);
    expect(shown(play)).toBe('The tide board');
    expect(hitTest(play.flow, play.state, 960, 836)?.element).toBeNull();
  });

  test('a press puts it away until the pointer has been elsewhere', () => {
    const play = point(made(), 960, 836).wait(WAIT).key('KeyQ');
    expect(shown(play.wait(WAIT))).toBeNull();
    expect(shown(point(point(play, 10, 10), 960, 836).wait(WAIT))).toBe('The tide board');
  });

  test('beneath a modal screen there is none', () => {
    const play = made().key('Escape').wait(500);
    expect(tooltipTest(play.flow, play.state, 960, 836)).toBeNull();
  });
});

describe('by focus', () => {
  test('it is shown where the focus has stayed for twice as long, and each move begins anew', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 * WAIT - 1 }), (ms) => {
        const play = made().wait(ms);
        expect(shown(play)).toBeNull();
        expect(shown(play.wait(2 * WAIT - ms))).toBe('A new night, at 62 %');
        play.key('ArrowDown', 0).wait(3 * WAIT);
        expect(play.focus).toBe('plain');
        expect(shown(play)).toBeNull();
        expect(shown(play.key('ArrowUp', 0).wait(2 * WAIT - 1))).toBeNull();
        expect(shown(play.wait(1))).toBe('A new night, at 62 %');
      }),
    );
  });

  test('however time is counted up, it comes at the same moment', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 700 }), { maxLength: 8 }), (parts) => {
        const [whole, parted] = [made(), made()];
        for (const part of parts) parted.wait(part);
        whole.wait(parts.reduce((sum, part) => sum + part, 0));
        expect(tooltipOn(parted.flow, parted.state)).toEqual(tooltipOn(whole.flow, whole.state));
      }),
    );
  });

  test('the project says after how long', () => {
    const styles = made().flow.project.styles;
    const tooltip = { text: { style: 't-body' }, box: { style: 'b-panel' }, after: '100 ms' };
    const play = made({ styles: { ...styles, tooltip } }).wait(199);
    expect(shown(play)).toBeNull();
    expect(shown(play.wait(1))).not.toBeNull();
  });
});

test('it stands beneath its element, or above where there is no room, and never off the frame', () => {
  const below = drawn(point(made(), 960, 136).wait(WAIT), 'A new night, at 62 %')!;
  expect(below.y).toBeGreaterThan(172);
  const low = made({ design: { width: 1920, height: 1080, margin: 0 } });
  const above = drawn(point(low, 960, 1036).wait(WAIT), 'At the bottom')!;
  expect(above.y + above.height).toBeLessThan(1000);
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 1900 }), fc.integer({ min: 0, max: 1060 }), (x, y) => {
      const at = (offset: number, size: number) => ({ at: 'start' as const, offset, size });
      const play = new Play(
        projectOf(
          [screenOf('s', { elements: [tipped('a', 0, 'Words', { place: { x: at(x, 20), y: at(y, 20) } })] })],
          [],
        ),
      );
      const words = drawn(point(play, x + 10, y + 10).wait(WAIT), 'Words')!;
      expect(words.x).toBeGreaterThanOrEqual(0.05 * 1920);
      expect(words.x + words.width).toBeLessThanOrEqual(0.95 * 1920);
      expect(words.y).toBeGreaterThanOrEqual(0.05 * 1080);
      expect(words.y + words.height).toBeLessThanOrEqual(0.95 * 1080);
    }),
  );
});

test('it is told to those who cannot see it', () => {
  const play = made();
  const [screen] = accessOf(play.flow, play.state);
  expect(screen!.items.map(({ name, tip }) => [name, tip])).toEqual([
    ['begin', 'A new night, at 62 %'],
    ['plain', undefined],
    ['The tide board', undefined],
    ['low', 'At the bottom'],
  ]);
});
