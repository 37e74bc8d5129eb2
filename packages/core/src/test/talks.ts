import { talkLooks, type Input } from '../run';
import { buttonOf, down, event, link, Play, projectOf, screenOf } from './flows';
import fc from 'fast-check';
import type { Conversation, Element, Project, Screen, Step } from '../model';

/** A watch over which a dialogue is opened, with every part a dialogue screen can have. */

const at = (x: number, y: number, width: number, height: number): Element['place'] => ({
  x: { at: 'start', offset: x, size: width },
  y: { at: 'start', offset: y, size: height },
});
const base = (id: string, place: Element['place'], over: object = {}) => ({
  id,
  name: id,
  parent: null,
  place,
  ...over,
});

export const dialogueParts = (): Element[] => [
  { ...base('panel', at(100, 700, 1700, 340)), type: 'panel', box: { style: 'b-panel' } },
  { ...base('backdrop', at(0, 0, 400, 300)), type: 'panel', box: { style: 'b-panel' } },
  {
    ...base('left', at(100, 300, 300, 400), { role: 'left' as const }),
    type: 'portrait',
    asset: null,
    fit: 'cover',
    box: { style: 'b-panel' },
  },
  {
    ...base('right', at(1500, 300, 300, 400), { role: 'right' as const }),
    type: 'portrait',
    asset: null,
    fit: 'cover',
    box: { style: 'b-panel' },
  },
  {
    ...base('who', at(140, 710, 600, 60), { role: 'name' as const }),
    type: 'text',
    text: 'Name',
    look: { style: 't-button' },
  },
  {
    ...base('bubble', at(120, 780, 1660, 250)),
    type: 'bubble',
    shape: 'speech',
    text: '',
    look: { style: 't-body' },
    box: { style: 'b-panel' },
    area: { top: 20, right: 40, bottom: 20, left: 40 },
  },
  { ...base('says', at(160, 800, 1580, 200)), type: 'spoken', text: 'Sample', look: { style: 't-body' } },
  {
    ...base('more', at(1700, 980, 40, 40), { role: 'more' as const }),
    type: 'text',
    text: '▾',
    look: { style: 't-button' },
  },
  {
    ...base('choices', at(600, 300, 700, 360), { role: 'choices' as const }),
    type: 'panel',
    box: { style: 'b-panel' },
  },
  ...['one', 'two', 'three'].map((id, i) => ({ ...buttonOf(id, 20 + i * 100), parent: 'choices' })),
];

export const line = (id: string, text: string, over: Partial<Step & { step: 'line' }> = {}): Step => ({
  id,
  step: 'line',
  speaker: 'ines',
  text,
  ...over,
});

export const conversation = (steps: Step[], over: Partial<Conversation> = {}): Conversation => ({
  id: 'talk',
  name: 'Talk',
  screen: 'radio',
  steps,
  ...over,
});

/** Lines of thirty letters take 1.5 s; nothing breathes in between. */
export function talking(steps: Step[], over: Partial<Project> = {}, screen: Partial<Screen> = {}): Project {
  return projectOf(
    [
      screenOf('watch', { kind: 'play' }),
      screenOf('radio', {
        kind: 'dialogue',
        layer: 'overlay',
        says: 'talk',
        elements: dialogueParts(),
        ...screen,
      }),
      screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['resume']),
      screenOf('found', { layer: 'notice', lasts: '1.6 s' }),
    ],
    [
      link('watch', event('call'), 'open', 'radio'),
      link('watch', down('menu'), 'open', 'pause'),
      link('pause', down('menu'), 'back'),
      link('radio', event('cut'), 'back'),
      link('radio', down('menu'), 'open', 'pause'),
      link('watch', { on: 'returned', screen: 'radio', outcome: 'told' }, 'stay', undefined, {
        effects: [{ do: 'set', value: 'v-told', to: 'true' }],
      }),
    ],
    {
      events: ['call', 'cut', 'answer'].map((id) => ({ id, name: id, direction: 'in' as const })),
      values: [
        { id: 'v-told', name: 'told', section: 'Story', life: 'session', type: 'on/off', default: false },
        { id: 'v-oil', name: 'oil', section: 'Story', life: 'session', type: 'number', default: 7 },
      ],
      speakers: [
        {
          id: 'ines',
          name: 'Ines',
          faces: [
            { name: 'calm', asset: 'a-calm' },
            { name: 'worried', asset: 'a-worried' },
          ],
        },
        { id: 'tobias', name: 'Tobias', faces: [{ name: 'calm', asset: 'a-tobias' }], side: 'right' },
      ],
      assets: ['a-calm', 'a-worried', 'a-tobias'].map((id) => ({
        id,
        name: id,
        media: 'image/svg+xml',
        width: 300,
        height: 400,
        bytes: 100,
      })),
      talk: {
        letter: '50 ms',
        comma: '0 ms',
        stop: '0 ms',
        reading: { base: '0.5 s', each: '50 ms' },
      },
      conversations: [conversation(steps)],
      ...over,
    },
  );
}

export const THIRTY = 'a'.repeat(30);

/** Any step, also one that names what is not there; with those within it. */
export const anyStep: fc.Arbitrary<Step> = fc.letrec<{ step: Step; steps: Step[] }>((tie) => ({
  steps: fc.array(tie('step'), { maxLength: 4 }),
  step: fc
    .oneof(
      { depthSize: 'small' },
      fc.record({
        step: fc.constant('line' as const),
        speaker: fc.constantFrom(null, 'ines', 'tobias', 'gone'),
        text: fc.constantFrom('', 'Short.', 'A, b. c! {oil}', THIRTY, '[slow]x[wait 0.2 s]y'),
        goes: fc.constantFrom('itself' as const, 'confirmed' as const),
        // Each step has its own, as in a file.
        others: fc
          .constantFrom(
            undefined,
            { texts: ['Other.', ''] },
            { texts: ['Other.', 'Another.', '{oil}'], shuffled: true as const },
          )
          .map((others) => structuredClone(others)),
      }),
      fc.record({ step: fc.constant('pause' as const), for: fc.constantFrom('0 ms', '300 ms') }),
      fc.record({
        step: fc.constant('choice' as const),
        speaker: fc.constant('ines'),
        text: fc.constantFrom('', 'Well?'),
        options: fc.array(
          fc.record({ id: fc.uuid(), text: fc.constantFrom('A', 'B'), steps: tie('steps') }),
          { maxLength: 4 },
        ),
        limit: fc.constantFrom('1 s', '200 ms'),
      }),
      fc.record({
        step: fc.constant('effect' as const),
        effect: fc.constantFrom(
          { do: 'notice' as const, screen: 'found' },
          { do: 'set' as const, value: 'v-oil', to: 'oil - 1' },
          { do: 'sound' as const, asset: 'a-calm' },
        ),
      }),
      fc.record({
        step: fc.constant('wait' as const),
        event: fc.constant('answer'),
        limit: fc.constant('700 ms'),
        otherwise: tie('steps'),
      }),
      fc.record({ step: fc.constant('label' as const), name: fc.constant('here') }),
      fc.record({ step: fc.constant('jump' as const), to: fc.constant('L'), when: fc.constant('oil > 3') }),
      fc.record({
        step: fc.constant('show' as const),
        element: fc.constantFrom('backdrop', 'panel', 'gone'),
      }),
      fc.record({ step: fc.constant('hide' as const), element: fc.constantFrom('panel', 'says') }),
      fc.record({ step: fc.constant('conversation' as const), conversation: fc.constant('talk') }),
      fc.record({ step: fc.constant('end' as const) }),
    )
    .chain((step) => fc.uuid().map((id) => ({ ...step, id }) as Step)),
})).step;

/** The same watch at the moment the dialogue has been opened. */
export const called = (project: Project): Play => new Play(project).event('call').wait(0);
export const dialogue = (play: Play) => play.state.overlays.find((overlay) => overlay.screen === 'radio')!;
export const looks = (play: Play) => talkLooks(play.flow, play.state, dialogue(play));
/** The words that are there, and how many of their letters. */
export const seen = (play: Play): [string | undefined, number | undefined] => {
  const { texts, typed } = looks(play);
  return [texts.says, typed.says];
};
export const CONFIRM: Record<string, Input[]> = {
  key: [
    { type: 'key', code: 'Enter', phase: 'down' },
    { type: 'key', code: 'Enter', phase: 'up' },
  ],
  pad: [
    { type: 'pad', button: 0, phase: 'down' },
    { type: 'pad', button: 0, phase: 'up' },
  ],
};

export const CHOICE: Step = {
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
