import { effectReferences } from '../effects/author';
import {
  type ChoiceOption,
  type Conversation,
  type Id,
  type Routine,
  type RoutineParameter,
  type Scalar,
  type Speaker,
  type Step,
  type StepName,
  withId,
  type OtherWords,
} from '../model';
import {
  colour,
  optionalAsset,
  choose,
  type Among,
  condition,
  id,
  list,
  message,
  NOTHING_AROUND,
  own,
  plain,
  record,
  words,
  type Gone,
  type Part,
  type Thing,
  type Walk,
} from '../walk';

/** Where conversations and routines name things, ask and speak: a list for each step. */

/** What a routine is told may stand there in place of an id. */
const orParameter =
  (
    of: Thing,
    options: { gone?: Gone; within?: (walk: Walk) => Id | null; but?: readonly string[] } = {},
  ): Part<string> =>
  (value, walk) => {
    const { routine } = walk;
    if (routine?.parameters.some((parameter) => parameter.id === value))
      walk.tell({ is: 'id', of: 'parameter', id: value, within: routine.id, gone: options.gone ?? 'stays' });
    else id(of, options)(value, walk);
  };

/** Elements of the dialogue screen go by their names. */
const named = id('element name', { within: (walk) => walk.holder });

type Is<N extends StepName> = Among<Step, 'step', N>;
const base = { id: own('step', (walk) => walk.owner), note: plain };

const said = {
  ...base,
  speaker: orParameter('speaker', { gone: { put: null } }),
  face: orParameter('face', { gone: 'left out', within: (walk) => walk.beside }),
  text: message(),
};

const option = record<ChoiceOption>({
  id: own('choice', ({ on }) => on),
  text: message(),
  when: condition,
  steps: (inner, walk) => steps(inner, walk),
});

/** What a routine is told where it is called, by its parameters' types. */
const told: Part<Record<Id, Scalar>> = (args, walk) => {
  const { beside: within, key } = walk;
  const takes = walk.routines.get(within)?.parameters ?? [];
  const taken = takes.map((take) => take.id).filter((value) => value in args);
  for (const parameter of new Set([...taken, ...Object.keys(args)])) {
    const what = args[parameter]!;
    walk.path.push(parameter);
    walk.tell({ is: 'id', of: 'parameter', id: parameter, within, gone: 'left out', key: true });
    const type = withId(takes, parameter)?.type;
    if (type && typeof what === 'string') held(type, `${key} ${parameter}`)(what, walk);
    walk.path.pop();
  }
};

/** What a parameter of a routine holds: words, or the id or name of something. */
const held =
  (type: RoutineParameter['type'], key: string): Part<string> =>
  (what, walk) => {
    if (type === 'text') walk.text(what, key, true);
    else if (what !== '' && type !== 'face')
      orParameter(type === 'picture' ? 'asset' : type, { gone: 'left out' })(what, walk);
  };

const others = record<OtherWords>({ texts: list(message(({ key, path }) => `${key} other ${path.at(-1)}`)) });
const line = record<Is<'line'>>({ ...said, letter: plain, others });
const choice = record<Is<'choice'>>({
  ...said,
  options: (all, walk) => {
    const { key } = walk;
    list<ChoiceOption>((one, at) => at.with({ key: `${key} ${one.id}` }, () => option(one, at)))(all, walk);
  },
  limit: plain,
  otherwise: id('choice', { gone: 'left out', within: (walk) => walk.on }),
});
const call = record<Is<'routine'>>({
  ...base,
  routine: id('routine', { gone: { drop: 'steps' } }),
  args: told,
});

const STEPS: { [N in StepName]: Part<Is<N>> } = {
  line: (step, walk) => walk.with({ beside: step.speaker ?? '' }, () => line(step, walk)),
  pause: record<Is<'pause'>>({ ...base, for: plain }),
  choice: (step, walk) => walk.with({ beside: step.speaker ?? '' }, () => choice(step, walk)),
  effect: record<Is<'effect'>>({ ...base, effect: effectReferences }),
  music: record<Is<'music'>>({ ...base, asset: id('asset', { gone: { put: 'none' }, but: ['none'] }) }),
  move: record<Is<'move'>>({
    ...base,
    element: named,
    animation: id('animation', { within: (walk) => walk.holder }),
  }),
  wait: record<Is<'wait'>>({
    ...base,
    event: id('event'),
    limit: plain,
    otherwise: (inner, walk) => steps(inner, walk),
  }),
  label: record<Is<'label'>>({ ...base, name: plain }),
  jump: record<Is<'jump'>>({ ...base, to: id('step', { within: (walk) => walk.owner }), when: condition }),
  routine: (step, walk) => walk.with({ beside: step.routine }, () => call(step, walk)),
  conversation: record<Is<'conversation'>>({ ...base, conversation: id('conversation') }),
  show: record<Is<'show'>>({ ...base, element: named, picture: orParameter('asset', { gone: 'left out' }) }),
  hide: record<Is<'hide'>>({ ...base, element: named }),
  end: record<Is<'end'>>({
    ...base,
    outcome: id('outcome', { within: (walk) => walk.holder }),
  }),
};
const byStep = choose<Step, 'step'>('step', STEPS);

const steps: Part<readonly Step[]> = (all, walk) =>
  list<Step>((one, at) => at.with({ on: one.id, key: `${at.owner} ${one.id}` }, () => byStep(one, at)))(
    all,
    walk,
  );

const written = record<Conversation>({
  id: own('conversation'),
  name: plain,
  screen: id('screen', { gone: { put: null } }),
  steps,
});
export const conversation: Part<Conversation> = (one, walk) => {
  const parameters = walk.screens.get(one.screen ?? '')?.parameters ?? [];
  const around = { ...NOTHING_AROUND, of: one.screen, parameters };
  walk.with({ owner: one.id, on: null, holder: one.screen ?? '', key: one.id, around, asked: around }, () =>
    written(one, walk),
  );
};

const parameter: Part<RoutineParameter> = (one, walk) =>
  record<RoutineParameter>({
    id: own('parameter', () => walk.owner),
    name: plain,
    default: held(one.type, `${walk.owner} ${one.id}`),
  })(one, walk);
const called = record<Routine>({
  id: own('routine'),
  name: plain,
  parameters: list(parameter),
  steps: (all, walk) => {
    const { routine } = walk;
    const around = { ...NOTHING_AROUND, of: walk.owner, parameters: routine!.parameters };
    walk.with({ around }, () => steps(all, walk));
  },
});
/** Its texts can name its parameters; its conditions are asked on the screen of who calls it. */
export const routine: Part<Routine> = (one, walk) =>
  walk.with({ owner: one.id, on: null, holder: '', key: one.id, routine: one }, () => called(one, walk));

const known = record<Speaker>({
  id: own('speaker'),
  name: words(({ key }) => key),
  colour,
  faces: list(
    record<Speaker['faces'][number]>({
      name: own('face', (walk) => walk.owner),
      asset: id('asset', { gone: { drop: 'faces' } }),
    }),
  ),
  blip: optionalAsset,
});
export const speaker: Part<Speaker> = (one, walk) =>
  walk.with({ owner: one.id, on: null, key: one.id }, () => known(one, walk));
