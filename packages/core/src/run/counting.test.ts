import fc from 'fast-check';
import type { Item } from '../drawing';
import type { Project, TextElement, Trigger, Value } from '../model';
import { paintRun } from '../paint';
import { after, link, Play, projectOf, screenOf } from '../test/flows';
import { resolveContent } from '../paint/content';
import { talkLooks } from '.';

/** Times that are counted only while something holds, those that come again and again, and how much of them is left. */

const ready: Value = {
  id: 'v-ready',
  name: 'ready',
  section: 'Lobby',
  life: 'session',
  type: 'on/off',
  default: false,
  byGame: true,
};
const place = { x: { at: 'start', offset: 0, size: 400 }, y: { at: 'start', offset: 0, size: 60 } } as const;
const text = (words: string, timer: string): TextElement => ({
  id: 'e-left',
  name: 'left',
  type: 'text',
  parent: null,
  place,
  text: words,
  timer,
  look: { style: 't-body' },
});
const every = (each: string, over: Partial<Trigger & { on: 'every' }> = {}): Trigger => ({
  on: 'every',
  each,
  clock: 'interface',
  covered: 'counts',
  ...over,
});
const counting = (trigger: Trigger, words = '{remaining}', over: Partial<Project> = {}): Play =>
  new Play(
    projectOf(
      [screenOf('lobby', { elements: [text(words, 'c-start')] })],
      [
        {
          ...link('lobby', trigger, 'stay', undefined),
          id: 'c-start',
          effects: [{ do: 'send', event: 'go' }],
        },
      ],
      {
        values: [ready],
        events: [{ id: 'go', name: 'go', direction: 'out' }],
        ...over,
      },
    ),
  );
const wordsOn = (items: readonly Item[]): string =>
  items
    .flatMap((item) => {
      if (item.kind === 'group') return [wordsOn(item.items)];
      return item.kind === 'text' ? item.lines.map((line) => line.text) : [];
    })
    .join(' ')
    .trim();
/** When the link was taken, in milliseconds. */
const taken = (play: Play): number[] =>
  play.outcomes.flatMap((outcome) => (outcome.did === 'link' ? [outcome.at / 1000] : []));
const set = (play: Play, to: boolean): Play => play.give({ type: 'value', value: ready.id, to });

const ticks = fc.array(fc.record({ wait: fc.integer({ min: 0, max: 4000 }), to: fc.boolean() }), {
  maxLength: 24,
});

test('a time that is counted while something holds is up once that has held for so long, and begins afresh each time', () => {
  fc.assert(
    fc.property(ticks, fc.boolean(), (ticks, whole) => {
      const play = counting(after('5 s', { during: 'ready' }));
      const expected: number[] = [];
      let now = 0;
      let since: number | null = null;
      for (const { wait, to } of ticks) {
        if (since !== null && since < Infinity && now + wait >= since + 5000) {
          expected.push(since + 5000);
          since = Infinity;
        }
        now += wait;
        if (whole) play.wait(wait);
        else for (let i = 0; i < 4; i++) play.wait(wait / 4);
        set(play, to);
        if (!to) since = null;
        else since ??= now;
      }
      expect(taken(play)).toEqual(expected);
    }),
  );
});

test('what comes every so often comes at each whole multiple, however the time passes', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 50, max: 3000 }),
      fc.array(fc.integer({ min: 0, max: 5000 }), { maxLength: 12 }),
      (each, waits) => {
        const play = counting(every(`${each} ms`));
        for (const wait of waits) play.wait(wait);
        const passed = waits.reduce((sum, wait) => sum + wait, 0);
        const expected = Array.from({ length: Math.floor(passed / each) }, (_, i) => (i + 1) * each);
        expect(taken(play)).toEqual(expected);
      },
    ),
    { numRuns: 60 },
  );
});

test('nothing comes more often than twenty times a second', () => {
  expect(taken(counting(every('1 ms')).wait(1000))).toHaveLength(20);
});

test('a text counts down by whole seconds, from all of them to none, and stands at all of them while nothing is counted', () => {
  fc.assert(
    fc.property(ticks, fc.integer({ min: 1, max: 90 }), (ticks, length) => {
      const play = counting(after(`${length} s`, { during: 'ready' }), 'Begins in {remaining}');
      let ran = 0;
      let over = false;
      let on = false;
      for (const { wait, to } of ticks) {
        play.wait(wait);
        if (on) ran += wait;
        over ||= ran >= length * 1000;
        const left = over ? 0 : Math.ceil((length * 1000 - ran) / 1000);
        const clock = left < 60 ? `${left}` : `1:${String(left - 60).padStart(2, '0')}`;
        expect(wordsOn(paintRun(play.flow, play.state))).toBe(`Begins in ${clock}`);
        set(play, to);
        on = to;
        if (!to) [ran, over] = [0, false];
      }
    }),
    { numRuns: 60 },
  );
});

test('the time that is left is a number for plurals, and nothing else on the screen can name it', () => {
  const play = counting(after('2 s'), '{remaining, plural, one {# second} other {# seconds}}');
  expect(wordsOn(paintRun(play.flow, play.state))).toBe('2 seconds');
  play.wait(1001);
  expect(wordsOn(paintRun(play.flow, play.state))).toBe('1 second');
  const bare = counting(after('2 s'));
  bare.edit(({ screens }) => delete (screens[0]!.elements[0] as TextElement).timer);
  expect(wordsOn(paintRun(bare.flow, bare.state))).toBe('{remaining}');
});

test('a bar shows the share of the time that is left, or its seconds', () => {
  const play = counting(after('4 s'));
  play.edit(({ screens }) => {
    const bar = {
      id: 'e-bar',
      name: 'bar',
      type: 'progress',
      parent: null,
      place,
      timer: 'c-start',
    } as const;
    const look = { box: { style: 'b-panel' }, bar: { style: 'b-button' } };
    const number = { by: 'number', look: { style: 't-body' } } as const;
    screens[0]!.elements.push({ ...bar, ...look }, { ...bar, ...look, id: 'e-number', fills: number });
  });
  const holds = () => {
    const screen = play.flow.screens.get('lobby')!;
    const said = talkLooks(play.flow, play.state, play.state.base);
    return resolveContent(play.flow, screen, play.state, play.state.base, said).holds;
  };
  expect(holds()).toEqual({ 'e-bar': 1, 'e-number': 4 });
  play.wait(1500);
  expect(holds()).toEqual({ 'e-bar': 0.625, 'e-number': 3 });
  play.wait(3000);
  expect(holds()).toEqual({ 'e-bar': 0, 'e-number': 0 });
});

test('a countdown that is on goes on through an edit that leaves it', () => {
  const play = counting(after('5 s', { during: 'ready' }));
  set(play, true)
    .wait(3000)
    .edit((project) => (project.name = 'Other'));
  play.wait(2000);
  expect(taken(play)).toEqual([5000]);
});
