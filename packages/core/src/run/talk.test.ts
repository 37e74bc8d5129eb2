import fc from 'fast-check';
import { beginAt, reconcile, talkLooks, type Input } from '.';
import { compile } from '../compile';
import type { Project, Step } from '../model';
import { paintRun } from '../paint';
import { Play } from '../test/flows';
import { anyStep, conversation, dialogueParts, line, talking } from '../test/talks';

/** Conversations: typed, confirmed, chosen, cut short; what a line shows goes with it. */

const THIRTY = 'a'.repeat(30);
const TWENTY = 'b'.repeat(20);

const called = (project: Project): Play => new Play(project).event('call').wait(0);
const dialogue = (play: Play) => play.state.overlays.find((each) => each.screen === 'radio')!;
const looks = (play: Play) => talkLooks(play.flow, play.state, dialogue(play));
/** The words that are there, and how many of their letters. */
const seen = (play: Play): [string | undefined, number | undefined] => {
  const { texts, typed } = looks(play);
  return [texts.says, typed.says];
};
const CONFIRM: Record<string, Input[]> = {
  key: [
    { type: 'key', code: 'Enter', phase: 'down' },
    { type: 'key', code: 'Enter', phase: 'up' },
  ],
  pad: [
    { type: 'pad', button: 0, phase: 'down' },
    { type: 'pad', button: 0, phase: 'up' },
  ],
};
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
      reading: { base: '0.5 s', each: '50 ms', most: '1.2 s', scale: 'v-slow' },
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

const CHOICE: Step = {
  id: 'c',
  step: 'choice',
  speaker: 'ines',
  text: 'Well?',
  options: [
    { id: 'yes', text: 'Yes', steps: [line('y', 'Good.'), { id: 'e', step: 'end', outcome: 'told' }] },
    { id: 'never', text: 'Never', when: 'oil > 50', steps: [] },
    {
      id: 'no',
      text: 'No',
      steps: [{ id: 's', step: 'effect', effect: { do: 'set', value: 'v-oil', to: '1' } }],
    },
  ],
};

test('choices have the focus, by key or press; those whose condition does not hold are not there', () => {
  const play = called(talking([CHOICE, line('z', 'After.')]));
  expect(play.focus).toBe('one');
  expect(looks(play).texts).toMatchObject({ says: 'Well?', one: 'Yes', two: 'No' });
  expect(looks(play).hidden).toEqual(expect.arrayContaining(['three', 'more']));
  play.key('ArrowDown');
  expect(play.focus).toBe('two');
  play.key('Enter').wait(1);
  expect(play.state.values['v-oil']).toBe(1);
  expect(seen(play)[0]).toBe('After.');
  expect(play.focus).toBeNull();
  const other = called(talking([CHOICE, line('z', 'After.')]));
  other.key('Enter').wait(1);
  expect(seen(other)[0]).toBe('Good.');
  other.key('Enter').key('Enter').wait(1);
  expect(other.up).toEqual(['watch']);
  expect(other.state.values['v-told']).toBe(true);
});

test('a choice nobody makes is made when its time is over', () => {
  const play = called(talking([{ ...CHOICE, limit: '3 s', otherwise: 'no' } as Step, line('z', 'After.')]));
  expect(seen(play.wait(2999))[0]).toBe('Well?');
  expect(seen(play.wait(1))[0]).toBe('After.');
  expect(play.did('choice')).toMatchObject([{ option: 'no', text: 'No' }]);
  expect(play.did('limit')).toMatchObject([{ at: play.state.now, of: 'choice' }]);
});

test('it waits for the game, and says something else when that takes too long', () => {
  const steps: Step[] = [
    { id: 'w', step: 'wait', event: 'answer', limit: '4 s', otherwise: [line('l', 'No answer.')] },
    line('z', 'Go on.'),
  ];
  const heard = called(talking(steps)).wait(1000).event('answer').wait(1);
  expect(seen(heard)[0]).toBe('Go on.');
  expect(heard.did('nowhere')).toEqual([]);
  expect(heard.wait(9000).did('limit')).toEqual([]);
  const unheard = called(talking(steps)).wait(4001);
  expect(seen(unheard)[0]).toBe('No answer.');
  expect(unheard.did('limit')).toMatchObject([{ of: 'event' }]);
});

test('a line that says nothing is passed over, and that is told', () => {
  const play = called(talking([line('a', '  '), line('z', 'Go on.')]));
  expect(seen(play)[0]).toBe('Go on.');
  expect(play.did('empty')).toMatchObject([{ conversation: 'talk', key: 'a' }]);
  expect(called(talking([line('z', 'Go on.')])).did('empty')).toEqual([]);
});

test('a set-up called three times with one thing otherwise each time leaves nothing of itself up', () => {
  const call = (id: string, says: string): Step => ({
    id,
    step: 'routine',
    routine: 'r',
    args: { q: says },
  });
  const project = talking(
    [call('1', 'One'), { id: 'p', step: 'pause', for: '1 s' }, call('2', 'Two'), call('3', 'Three')],
    {
      routines: [
        {
          id: 'r',
          name: 'Radio line',
          parameters: [
            { id: 'q', name: 'what', type: 'text' },
            { id: 'w', name: 'who', type: 'speaker', default: 'tobias' },
          ],
          steps: [
            { id: 's', step: 'show', element: 'backdrop' },
            { id: 'l', step: 'line', speaker: 'w', text: '{what}, over.', goes: 'itself' },
          ],
        },
      ],
    },
  );
  const play = called(project);
  expect(seen(play)[0]).toBe('One, over.');
  expect(looks(play).texts.who).toBe('Tobias');
  expect(looks(play).hidden).not.toContain('backdrop');
  const time = (letters: number) => letters * 50 + 500 + letters * 50;
  play.wait(time('One, over.'.length));
  expect(looks(play).hidden).toContain('backdrop');
  play.wait(1000);
  expect(seen(play)[0]).toBe('Two, over.');
  play.wait(time('Two, over.'.length));
  expect(seen(play)[0]).toBe('Three, over.');
  expect(play.wait(time('Three, over.'.length)).up).toEqual(['watch']);
});

test('a label is jumped to while its condition holds; what goes round without end is stopped', () => {
  const play = called(
    talking([
      { id: 'top', step: 'label', name: 'top' },
      line('a', 'Oil {oil}.', { goes: 'itself' }),
      { id: 's', step: 'effect', effect: { do: 'set', value: 'v-oil', to: 'oil - 1' } },
      { id: 'j', step: 'jump', to: 'top', when: 'oil > 5' },
    ]),
  );
  play.wait(60_000);
  expect(play.did('line').map((each) => each.did === 'line' && each.text)).toEqual(['Oil 7.', 'Oil 6.']);
  const endless = called(
    talking([
      { id: 'top', step: 'label', name: 'top' },
      { id: 'j', step: 'jump', to: 'top' },
    ]),
  );
  expect(endless.did('unsettled')).toHaveLength(1);
  expect(endless.up).toEqual(['watch']);
});

test('cut short by an event it leaves nothing up, stops its sounds, and is not done', () => {
  const project = talking([
    { id: 'n', step: 'effect', effect: { do: 'sound', asset: 'a-calm' } },
    line('a', THIRTY),
  ]);
  project.links.push({
    id: 'l-done',
    from: 'radio',
    cue: { on: 'done' },
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
    project.screens.find((each) => each.id === 'found')!,
    { says: 'talk', until: 'dismissed', elements: dialogueParts() },
  );
  project.links.push({
    id: 'l-say',
    from: 'watch',
    cue: { on: 'event', event: 'answer' },
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
          expect(JSON.parse(JSON.stringify(play.state.overlays.map((each) => each.talk)))).toEqual(
            play.state.overlays.map((each) => each.talk),
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
  const elements = dialogueParts().map((each) =>
    each.id === 'backdrop'
      ? { ...each, animations: [{ id: 'n', on: 'step' as const, repeat, frames }] }
      : each,
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

test('an element of the screen moves when a step says so, and the next waits for it; another is shown with a picture', () => {
  const animations = [
    {
      id: 'n',
      on: 'step' as const,
      frames: [
        { at: '0 s', x: 0 },
        { at: '0.8 s', x: 200 },
      ],
    },
  ];
  const elements = dialogueParts().map((each) => (each.id === 'backdrop' ? { ...each, animations } : each));
  const play = called(
    talking(
      [
        { id: 'm', step: 'move', element: 'backdrop', animation: 'n', waits: true },
        { id: 'u', step: 'music', asset: 'a-calm' },
        { id: 's', step: 'show', element: 'left', picture: 'a-tobias' },
        line('a', THIRTY, { speaker: null }),
        line('b', THIRTY),
      ],
      {},
      { elements },
    ),
  );
  expect(dialogue(play).began).toEqual({ 'backdrop n': 0 });
  expect(seen(play.wait(799))[0]).toBeUndefined();
  expect(seen(play.wait(1))[0]).toBe(THIRTY);
  expect(dialogue(play).talk!.music).toBe('a-calm');
  expect(looks(play).assets).toEqual({ left: 'a-tobias' });
  play.give(...CONFIRM.key!, ...CONFIRM.key!).wait(1);
  expect(looks(play).assets).toEqual({ left: 'a-calm' });
});
