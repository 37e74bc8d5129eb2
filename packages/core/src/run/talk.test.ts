import fc from 'fast-check';
import { beginAt, reconcile, talkLooks, type Input } from '.';
import { compile } from '../compile';
import { paintRun } from '../paint';
import { Play } from '../test/flows';
import {
  anyStep,
  called,
  CHOICE,
  CONFIRM,
  conversation,
  dialogue,
  dialogueParts,
  line,
  looks,
  seen,
  talking,
  THIRTY,
} from '../test/talks';

/** Conversations: typed, confirmed, chosen, cut short; what a line shows goes with it. */

const TWENTY = 'b'.repeat(20);
const pressOn = (play: Play, device: 'pointer' | 'touch'): Input[] => {
  const spot = { serial: dialogue(play).serial, element: null };
  return [
    { type: 'pointer', device, phase: 'down', spot },
    { type: 'pointer', device, phase: 'up', spot },
  ];
};

test('a line of thirty letters at 50 ms is there after 1.5 s, letter by letter', () => {
  const play = called(talking([line('a', THIRTY), line('b', THIRTY)]));
  expect(seen(play)).toEqual([THIRTY, 0]);
  expect(seen(play.wait(49))).toEqual([THIRTY, 0]);
  expect(seen(play.wait(1))).toEqual([THIRTY, 1]);
  expect(seen(play.wait(1449))).toEqual([THIRTY, 29]);
  expect(seen(play.wait(1))).toEqual([THIRTY, undefined]);
  expect(looks(play).hidden).not.toContain('more');
});

test.each(['key', 'pad', 'pointer', 'touch'])(
  'by %s, four confirms complete, go on, complete, and close',
  (device) => {
    const play = called(talking([line('a', THIRTY), line('b', TWENTY)]));
    const confirm = () =>
      play.give(...(CONFIRM[device] ?? pressOn(play, device as 'pointer' | 'touch'))).wait(10);
    play.wait(600);
    confirm();
    expect(seen(play)).toEqual([THIRTY, undefined]);
    confirm();
    expect(seen(play)[0]).toBe(TWENTY);
    expect(seen(play)[1]).toBeLessThan(20);
    confirm();
    expect(seen(play)).toEqual([TWENTY, undefined]);
    confirm();
    expect(play.up).toEqual(['watch']);
    // The press that closed it reaches nothing else.
    expect(play.did('nowhere')).toEqual([]);
  },
);

test('a line that goes on by itself stays 0.5 s and 50 ms a letter; a pause is exactly that', () => {
  const play = called(
    talking(
      [
        line('a', TWENTY, { goes: 'itself' }),
        { id: 'p', step: 'pause', for: '1.7 s' },
        line('b', TWENTY, { goes: 'itself' }),
      ],
      {},
    ),
  );
  expect(seen(play.wait(1000 + 1499))[0]).toBe(TWENTY);
  expect(seen(play.wait(1))[0]).toBeUndefined();
  expect(looks(play).hidden).toEqual(expect.arrayContaining(['says', 'bubble', 'who', 'left', 'right']));
  expect(seen(play.wait(1699))[0]).toBeUndefined();
  expect(seen(play.wait(1))[0]).toBe(TWENTY);
  expect(play.wait(2499).up).toEqual(['watch', 'radio']);
  expect(play.wait(1).up).toEqual(['watch']);
});

test('reading takes as long as a player has chosen, within a least and a most', () => {
  const project = talking([line('a', TWENTY, { goes: 'itself' })], {
    values: [
      {
        id: 'v-slow',
        name: 'reading',
        section: 'Access',
        life: 'settings',
        type: 'number',
        unit: '%',
        default: 200,
      },
    ],
    talk: {
      letter: '50 ms',
      reading: { base: '0.5 s', each: '50 ms', max: '1.2 s', scale: 'v-slow' },
    },
  });
  const play = called(project);
  expect(play.wait(1000 + 2399).up).toEqual(['watch', 'radio']);
  expect(play.wait(1).up).toEqual(['watch']);
});

test('a speaker has a name, and a face on a side; it all goes with the line', () => {
  const play = called(
    talking([
      line('a', 'Hm.', { face: 'worried' }),
      line('b', 'Over.', { speaker: 'tobias', bubble: 'radio' }),
    ]),
  );
  expect(looks(play).assets).toEqual({ left: 'a-worried' });
  expect(looks(play).texts.who).toBe('Ines');
  expect(looks(play).hidden).toContain('right');
  play.give(...CONFIRM.key!, ...CONFIRM.key!).wait(1);
  expect(looks(play).assets).toEqual({ right: 'a-tobias' });
  expect(looks(play).texts.who).toBe('Tobias');
  expect(looks(play).shapes).toEqual({ bubble: 'radio' });
  expect(looks(play).hidden).toContain('left');
});

test('cut short by an event it leaves nothing up, stops its sounds, and is not done', () => {
  const project = talking([
    { id: 'n', step: 'effect', effect: { do: 'sound', asset: 'a-calm' } },
    line('a', THIRTY),
  ]);
  project.links.push({
    id: 'l-done',
    from: 'radio',
    trigger: { on: 'done' },
    kind: 'stay',
    effects: [{ do: 'set', value: 'v-told', to: 'true' }],
  });
  const play = called(project).wait(300).event('cut').wait(5000);
  expect(play.up).toEqual(['watch']);
  expect(play.did('stop sound')).toMatchObject([{ asset: 'a-calm' }]);
  expect(play.state.values['v-told']).toBe(false);
  expect(JSON.stringify(paintRun(play.flow, play.state))).not.toContain('aaa');
});

test('under a modal screen it stands still, and its own screen’s links go on', () => {
  const play = called(talking([line('a', THIRTY)])).wait(500);
  play.key('Escape').wait(3000);
  expect(play.up).toEqual(['watch', 'radio', 'pause']);
  expect(seen(play)[1]).toBe(10);
  play.key('Escape').wait(90);
  expect(seen(play)[1]).toBeGreaterThan(10);
  expect(seen(play)[1]).toBeLessThan(14);
});

test('held down, confirm makes lines go by fast until it comes up, and stops at a choice', () => {
  const steps = [...Array(20)].map((_, i) => line(`l${i}`, THIRTY));
  const play = called(talking([...steps, CHOICE]));
  play.give({ type: 'key', code: 'Enter', phase: 'down' }).wait(600);
  play.wait(800);
  const gone = play.did('line').length;
  expect(gone).toBeGreaterThan(8);
  play.give({ type: 'key', code: 'Enter', phase: 'up' }).wait(2000);
  expect(play.did('line')).toHaveLength(gone);
  play.give({ type: 'key', code: 'Enter', phase: 'down' }).wait(20_000);
  expect(seen(play)[0]).toBe('Well?');
  expect(play.up).toEqual(['watch', 'radio']);
});

test('a line of 2 000 letters comes page by page, or all at once where it is only to be marked', () => {
  const long = [...Array(400)].map((_, i) => `word${i % 10}`).join(' ');
  const project = talking([line('a', long)]);
  const play = called(project);
  const pages: string[] = [];
  for (let i = 0; i < 40 && play.up.includes('radio'); i++) {
    pages.push(seen(play)[0]!);
    play.give(...CONFIRM.key!, ...CONFIRM.key!).wait(1);
  }
  expect(pages.length).toBeGreaterThan(2);
  expect(pages.join(' ')).toBe(long);
  const marked = called({ ...project, talk: { ...project.talk, long: 'marked' } });
  expect(seen(marked)[0]).toBe(long);
});

test('it begins at any line; edited while it is typed it goes on at its step', () => {
  const project = talking([line('a', THIRTY), line('b', TWENTY)]);
  const flow = compile(project);
  const play = new Play(project);
  play.state = beginAt(flow, 'radio', true, {}, { conversation: 'talk', key: 'b' }).state;
  expect(seen(play.wait(400))).toEqual([TWENTY, 8]);
  const edited = { ...project, conversations: [conversation([line('n', 'New'), line('b', 'c'.repeat(40))])] };
  play.flow = compile(edited, play.flow);
  play.state = reconcile(play.flow, play.state);
  expect(seen(play)).toEqual(['c'.repeat(40), 8]);
  expect(reconcile(play.flow, play.state)).toEqual(play.state);
  const other = [line('n', 'New'), line('m', 'Other')];
  play.flow = compile({ ...edited, conversations: [conversation(other)] }, play.flow);
  play.state = reconcile(play.flow, play.state);
  expect(seen(play.wait(1))[0]).toBe('Other');
});

test('a notice and an objective stay through a dialogue over frozen play', () => {
  const play = called(
    talking(
      [
        line('a', 'One.'),
        { id: 'n', step: 'effect', effect: { do: 'notice', screen: 'found' } },
        line('b', THIRTY),
      ],
      {},
      { freezes: true },
    ),
  );
  play.give(...CONFIRM.key!, ...CONFIRM.key!).wait(1);
  expect(play.notices).toEqual(['found']);
  expect(seen(play)[0]).toBe(THIRTY);
  const { game } = play.state;
  play.wait(500);
  expect(play.state.game).toBe(game);
  expect(play.notices).toEqual(['found']);
});

test('on a notice lines go on by themselves, and it goes when they are over', () => {
  const project = talking([line('a', TWENTY), line('b', TWENTY)]);
  project.conversations![0]!.screen = 'found';
  Object.assign(
    project.screens.find((screen) => screen.id === 'found')!,
    { says: 'talk', until: 'dismissed', elements: dialogueParts() },
  );
  project.links.push({
    id: 'l-say',
    from: 'watch',
    trigger: { on: 'event', event: 'answer' },
    kind: 'stay',
    effects: [{ do: 'notice', screen: 'found' }],
  });
  const play = new Play(project).event('answer');
  // It cannot be confirmed.
  expect(play.wait(4000).key('Enter').notices).toEqual(['found']);
  expect(play.wait(989).notices).toEqual(['found']);
  expect(play.wait(1).notices).toEqual([]);
});

const anyInput: fc.Arbitrary<Input> = fc.oneof(
  fc.record({ type: fc.constant('time' as const), pass: fc.nat(900_000) }),
  fc.constantFrom<Input>(
    { type: 'key', code: 'Enter', phase: 'down' },
    { type: 'key', code: 'Enter', phase: 'up' },
    { type: 'key', code: 'ArrowDown', phase: 'down' },
    { type: 'key', code: 'Escape', phase: 'down' },
    { type: 'key', code: 'Escape', phase: 'up' },
    { type: 'event', event: 'call' },
    { type: 'event', event: 'answer' },
    { type: 'event', event: 'cut' },
  ),
);

test('whatever is said and pressed: time adds up, nothing piles up, and an edit leaves a state that goes on', () => {
  fc.assert(
    fc.property(
      fc.array(anyStep, { minLength: 1, maxLength: 6 }),
      fc.array(anyInput, { maxLength: 25 }),
      (steps, inputs) => {
        const project = talking(steps);
        const play = new Play(project).event('call');
        for (const input of inputs) {
          const whole = new Play(project);
          whole.state = play.state;
          if (input.type === 'time') {
            const half = Math.floor(input.pass / 2);
            whole.give({ type: 'time', pass: half }, { type: 'time', pass: input.pass - half });
          }
          play.give(input);
          if (input.type === 'time') expect(whole.state).toEqual(play.state);
          for (const instance of play.state.overlays) {
            const { hidden } = talkLooks(play.flow, play.state, instance);
            if (instance.screen !== 'radio') continue;
            // At most one face, and words only with a line or question.
            expect(['left', 'right'].filter((side) => !hidden.includes(side)).length).toBeLessThan(2);
            const op = play.flow.talks.get('talk')!.ops[instance.talk!.at];
            if (!op || (op.op !== 'line' && op.op !== 'choice')) expect(hidden).toContain('says');
          }
          expect(JSON.parse(JSON.stringify(play.state.overlays.map((overlay) => overlay.talk)))).toEqual(
            play.state.overlays.map((overlay) => overlay.talk),
          );
        }
        const flow = compile({ ...project, conversations: [conversation(steps.slice(1))] });
        const once = reconcile(flow, play.state);
        expect(reconcile(flow, once)).toEqual(once);
      },
    ),
    { numRuns: 150 },
  );
});

test.each([
  ['loop', 800],
  ['there and back', 1600],
] as const)('of what goes %s for ever, once round is waited for', (repeat, ms) => {
  const frames = [
    { at: '0 s', x: 0 },
    { at: '0.8 s', x: 200 },
  ];
  const elements = dialogueParts().map((part) =>
    part.id === 'backdrop'
      ? { ...part, animations: [{ id: 'n', on: 'step' as const, repeat, frames }] }
      : part,
  );
  const play = called(
    talking(
      [{ id: 'm', step: 'move', element: 'backdrop', animation: 'n', waits: true }, line('a', THIRTY)],
      {},
      { elements },
    ),
  );
  expect(seen(play.wait(ms - 1))[0]).toBeUndefined();
  expect(seen(play.wait(1))[0]).toBe(THIRTY);
});
