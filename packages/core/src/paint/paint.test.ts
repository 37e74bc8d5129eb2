import type { Item } from '../drawing';
import fc from 'fast-check';
import { SaxesParser } from 'saxes';
import { compile } from '../compile';
import { begin, step } from '../run';
import { anyInputs, anyProject } from '../test/arbitrary';
import { buttonOf, event, lighthouse, link, Play, press, projectOf, screenOf } from '../test/flows';
import { hitTest, paintRun, paintStill, svgFrame, svgText, toSvg } from '.';

const sources = { asset: (id: string) => `asset:${id}`, family: (face: string) => face };

test('the same state always gives the same picture, whoever compiled it and when', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      const state = inputs.reduce((now, input) => step(flow, now, input).state, begin(flow).state);
      const again = JSON.parse(JSON.stringify(state)) as typeof state;
      expect(paintRun(compile(project), again)).toEqual(paintRun(flow, state));
    }),
    { numRuns: 120 },
  );
});

/**
 * What a real XML parser finds in a drawing: the names of its elements, and its texts. Throws where it is not
 * well-formed.
 */
function parsed(svg: string): { tags: Set<string>; texts: string[] } {
  const tags = new Set<string>();
  const texts: string[] = [];
  const parser = new SaxesParser({ xmlns: true });
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', (tag) => void tags.add(tag.name));
  parser.on('text', (text) => void texts.push(text));
  parser.write(svg).close();
  return { tags, texts };
}
const DRAWN =
  'svg g rect text image path pattern filter feGaussianBlur feFlood feComposite feMerge feMergeNode feColorMatrix clipPath linearGradient radialGradient stop mask defs use tspan feDropShadow'.split(
    ' ',
  );

test('whatever texts say, the picture is well-formed for a real parser and holds nothing but drawing', () => {
  const nasty = fc.oneof(
    fc.string({ unit: 'binary', maxLength: 30 }),
    fc.constantFrom(
      ']]>',
      '<script>x()</script>',
      '&#0;&amp;',
      '\u0000\u0008\u000b',
      '\ud800',
      '\udc00\ud800',
      '\ufffe',
      '"\'`',
      '<!--',
      '<![CDATA[',
    ),
  );
  fc.assert(
    fc.property(anyProject, anyInputs, nasty, nasty, (project, inputs, words, name) => {
      const said = structuredClone(project);
      for (const screen of said.screens) {
        screen.name += name;
        for (const element of screen.elements)
          if ('text' in element && element.text !== undefined) element.text += words;
      }
      for (const asset of said.assets) asset.name += name;
      const flow = compile(said);
      const state = inputs.reduce((now, input) => step(flow, now, input).state, begin(flow).state);
      const lists = [
        paintRun(flow, state),
        ...[...flow.screens.values()].map((screen) => paintStill(flow, screen, true)),
      ];
      const odd = { ...sources, asset: (id: string) => `${words}${id}${name}` };
      for (const list of lists) {
        const { tags } = parsed(svgText(svgFrame(1920, 1080, toSvg(list, odd))));
        expect([...tags].filter((tag) => !DRAWN.includes(tag))).toEqual([]);
      }
    }),
    { numRuns: 40 },
  );
});

test('what a text says is what a parser reads from the drawing', () => {
  fc.assert(
    fc.property(
      fc.string({ maxLength: 12 }).filter((value) => /^[\x20-\x7e]*\S[\x20-\x7e]*$/.test(value)),
      (words) => {
        const text = { ...buttonOf('b', 0), text: words.replace(/[{}']/g, '?') };
        const flow = compile(projectOf([screenOf('s', { elements: [text] })], []));
        const list = paintStill(flow, flow.screens.get('s')!, true);
        expect(parsed(svgText(svgFrame(1920, 1080, toSvg(list, sources)))).texts.join('')).toContain(
          text.text.trim(),
        );
      },
    ),
  );
});

const groups = (items: readonly Item[]) =>
  items.map((item) => (item.kind === 'group' ? { x: item.x, y: item.y, opacity: item.opacity } : null));

test('half way through a linear slide from the left the leaving picture is half out; then the next comes', () => {
  const project = lighthouse({
    defaults: {
      motion: { name: 'slide', from: 'left', duration: '280 ms', easing: 'linear' },
      order: 'after',
      masked: 'ignored',
    },
  });
  const play = new Play(project).wait(1000).key('Enter', 0).wait(140);
  expect(groups(paintRun(play.flow, play.state))).toEqual([{ x: -960, y: 0, opacity: 1 }]);
  play.wait(280);
  expect(groups(paintRun(play.flow, play.state))).toEqual([{ x: -960, y: 0, opacity: 1 }]);
  expect(play.state.leaving).toEqual([]);
  play.wait(140);
  expect(groups(paintRun(play.flow, play.state))).toEqual([{ x: 0, y: 0, opacity: 1 }]);
});

test('a fade takes a screen as one group', () => {
  const project = lighthouse({
    defaults: {
      motion: { name: 'fade', duration: '200 ms', easing: 'linear' },
      order: 'together',
      masked: 'ignored',
    },
  });
  const play = new Play(project).wait(1000).key('Enter', 0).wait(50);
  expect(groups(paintRun(play.flow, play.state)).map((group) => group!.opacity)).toEqual([0.75, 0.25]);
});

test('a press lands on the topmost button there, and a modal overlay keeps it from what is beneath', () => {
  const play = new Play(lighthouse());
  expect(hitTest(play.flow, play.state, 960, 236)).toEqual({ serial: 1, element: 'begin' });
  expect(hitTest(play.flow, play.state, 10, 10)).toEqual({ serial: 1, element: null });
  play.key('ArrowDown').key('Enter');
  const { serial } = play.state.overlays[0]!;
  expect(hitTest(play.flow, play.state, 960, 236)).toEqual({ serial, element: 'sound' });
  expect(hitTest(play.flow, play.state, 960, 700)).toEqual({ serial, element: null });
});

test('focus is told by a ring, and only while keys or pad are in hand', () => {
  const rings = (items: readonly Item[]): number =>
    items.reduce(
      (n, item) => n + (item.kind === 'ring' ? 1 : item.kind === 'group' ? rings(item.items) : 0),
      0,
    );
  const play = new Play(lighthouse());
  expect(rings(paintRun(play.flow, play.state))).toBe(1);
  const spot = { serial: play.state.base.serial, element: play.focus! };
  play.give({ type: 'pointer', device: 'touch', phase: 'down', spot: null });
  expect(rings(paintRun(play.flow, play.state))).toBe(1);
  play.give({ type: 'pointer', device: 'touch', phase: 'down', spot });
  expect(rings(paintRun(play.flow, play.state))).toBe(0);
});

describe('what a run says', () => {
  const words = (play: Play): string[] => {
    const found: string[] = [];
    const look = (items: readonly Item[]): void => {
      for (const item of items) {
        if (item.kind === 'group') look(item.items);
        if (item.kind === 'text') found.push(item.lines.map((line) => line.text).join(' '));
      }
    };
    look(paintRun(play.flow, play.state));
    return found;
  };
  const label = (id: string, text: string) => {
    const {
      type: _,
      box: __,
      ...rest
    } = buttonOf(id, 40, text) as Extract<ReturnType<typeof buttonOf>, { type: 'button' }>;
    return { ...rest, type: 'text' as const };
  };
  const project = () =>
    projectOf(
      [
        screenOf('watch', { elements: [label('t', 'Oil {oil}, lamp {lit}, {nobody}')] }),
        screenOf('found', {
          layer: 'notice',
          again: { stack: 2 },
          until: 'dismissed',
          parameters: [
            { id: 'n', name: 'much', type: 'number', unit: 'cans' },
            { id: 'p', name: 'what', type: 'picture' },
          ],
          elements: [
            label('said', '{much} found'),
            { ...buttonOf('shut', 140, 'All right'), shortcut: 'next' } as never,
            {
              id: 'pic',
              name: 'Picture',
              type: 'picture',
              parent: null,
              asset: 'can',
              from: 'p',
              fit: 'contain',
              place: { x: { at: 'start', offset: 0, size: 20 }, y: { at: 'start', offset: 0, size: 20 } },
            },
          ],
        }),
      ],
      [
        link('watch', event('g'), 'stay', undefined, {
          effects: [{ do: 'notice', screen: 'found', args: { n: 'oil / 10', p: '"ship"' } }],
        }),
        link('found', press('shut'), 'back'),
      ],
      {
        values: [
          { id: 'oil', name: 'oil', section: 'x', life: 'session', type: 'number', unit: '%', default: 40 },
          {
            id: 'lit',
            name: 'lit',
            section: 'x',
            life: 'session',
            type: 'on/off',
            on: 'Lit',
            off: 'Dark',
            default: true,
          },
        ],
        assets: ['can', 'ship'].map((id) => ({
          id,
          name: id,
          media: 'image/svg+xml',
          width: 9,
          height: 9,
          bytes: 9,
        })),
      },
    );

  test('names in texts stand for what they hold, in words; what is no name stays as it is written', () => {
    const play = new Play(project());
    expect(words(play)).toEqual(['Oil 40 %, lamp Lit, {nobody}']);
    play.give(
      { type: 'value', value: 'oil', to: 7, byHand: true },
      { type: 'value', value: 'lit', to: false, byHand: true },
    );
    expect(words(play)).toEqual(['Oil 7 %, lamp Dark, {nobody}']);
  });

  test('a message says and shows what it is told, with the key or pad button that presses its button', () => {
    const play = new Play(project()).event('g');
    expect(words(play).slice(1)).toEqual(['4 cans found', '[E]  All right']);
    const pictures = JSON.stringify(paintRun(play.flow, play.state));
    expect(pictures).toContain('"asset":"ship"');
    play.give({ type: 'pad', button: 3, phase: 'down' });
    expect(words(play).at(-1)).toBe('[right shoulder]  All right');
  });

  test('stacked, they stand apart, and a press finds the one it is on', () => {
    const play = new Play(project()).event('g').event('g');
    const [first, second] = play.state.notices;
    expect([first!.slot, second!.slot]).toEqual([0, 1]);
    const { layout } = play.flow.screens.get('found')!;
    const button = layout.get('shut')!;
    const height =
      Math.max(...[...layout.values()].map((rect) => rect.y + rect.height)) -
      Math.min(...[...layout.values()].map((rect) => rect.y));
    const at = (down: number) => hitTest(play.flow, play.state, button.x + 5, button.y + 5 + down);
    expect(at(0)).toEqual({ serial: first!.serial, element: 'shut' });
    expect(at(height + 16)).toEqual({ serial: second!.serial, element: 'shut' });
  });

  test('where nothing runs, values hold their defaults and parameters are called by name', () => {
    const { flow } = new Play(project());
    const still = (id: string) => JSON.stringify(paintStill(flow, flow.screens.get(id)!, false));
    expect(still('watch')).toContain('Oil 40 %');
    expect(still('found')).toContain('(much) found');
  });
});
