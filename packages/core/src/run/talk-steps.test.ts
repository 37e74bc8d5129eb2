import fc from 'fast-check';
import { begin } from '.';
import type { Step } from '../model';
import { Play } from '../test/flows';
import {
  called,
  CHOICE,
  CONFIRM,
  dialogue,
  dialogueParts,
  line,
  looks,
  seen,
  talking,
  THIRTY,
} from '../test/talks';

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

test('a routine called three times with one thing otherwise each time leaves nothing of itself up', () => {
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
  expect(play.did('line').map((outcome) => outcome.did === 'line' && outcome.text)).toEqual([
    'Oil 7.',
    'Oil 6.',
  ]);
  const endless = called(
    talking([
      { id: 'top', step: 'label', name: 'top' },
      { id: 'j', step: 'jump', to: 'top' },
    ]),
  );
  expect(endless.did('unsettled')).toHaveLength(1);
  expect(endless.up).toEqual(['watch']);
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
  const elements = dialogueParts().map((part) => (part.id === 'backdrop' ? { ...part, animations } : part));
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
  expect(dialogue(play).animationStarts).toEqual({ 'backdrop n': 0 });
  expect(seen(play.wait(799))[0]).toBeUndefined();
  expect(seen(play.wait(1))[0]).toBe(THIRTY);
  expect(dialogue(play).talk!.music).toBe('a-calm');
  expect(looks(play).assets).toEqual({ left: 'a-tobias' });
  play.give(...CONFIRM.key!, ...CONFIRM.key!).wait(1);
  expect(looks(play).assets).toEqual({ left: 'a-calm' });
});

const WORDINGS = ['Own.', 'Second.', 'Third.', 'Fourth.'];
/** What is said each time the conversation is called, by a run with this seed. */
function saidEachTime(times: number, seed: number, shuffled: boolean): string[] {
  const [own, ...texts] = WORDINGS;
  const others = { texts, ...(shuffled ? { shuffled: true as const } : {}) };
  const play = new Play(talking([line('a', own!, { others })]));
  play.state = begin(play.flow, { seed }).state;
  return Array.from({ length: times }, () => {
    const said = seen(play.event('call').wait(0))[0]!;
    play.key('Enter').key('Enter').wait(1);
    return said;
  });
}

test('a line that has other words says the next of them each time it is come to, and its own again after the last', () => {
  expect(saidEachTime(6, 1, false)).toEqual([...WORDINGS, ...WORDINGS.slice(0, 2)]);
});

test('shuffled, each of its words comes once a round, none twice in a row, and the same seed says the same again', () => {
  fc.assert(
    fc.property(fc.integer(), (seed) => {
      const said = saidEachTime(12, seed, true);
      for (const round of [0, 4, 8])
        expect(said.slice(round, round + 4).sort()).toEqual([...WORDINGS].sort());
      said.slice(1).forEach((words, i) => expect(words).not.toBe(said[i]));
      expect(saidEachTime(12, seed, true)).toEqual(said);
    }),
    { numRuns: 15 },
  );
  const orders = new Set([1, 2, 3, 4, 5].map((seed) => saidEachTime(4, seed, true).join()));
  expect(orders.size).toBeGreaterThan(1);
});

test('an empty wording takes no time, and has its turn', () => {
  const play = called(talking([line('a', 'Own.', { others: { texts: [''] } }), line('z', 'After.')]));
  const again = () => {
    while (play.up.includes('radio')) play.key('Enter').wait(1);
    return seen(play.event('call').wait(0))[0];
  };
  expect(seen(play)[0]).toBe('Own.');
  expect(again()).toBe('After.');
  expect(again()).toBe('Own.');
});
