import { compile } from '../compile';
import { applyCommand } from '../edit';
import { LANGUAGE, valueById, type Project } from '../model';
import { begin, keptOf, reconcile, step } from '../run';
import { buttonOf, link, Play, press, projectOf, screenOf } from '../test/flows';
import { inLanguage } from '.';

/** A button sets the language, and one that only Germans see leads on; the other sets everything back. */
const project: Project = projectOf(
  [
    screenOf('s', {
      elements: [
        buttonOf('to german', 0),
        { ...buttonOf('weiter', 100), shownWhen: 'language == "de"' },
        buttonOf('reset all', 200),
        buttonOf('reset language', 300),
      ],
    }),
    screenOf('t', {}, ['a']),
  ],
  [
    link('s', press('to german'), 'stay', undefined, {
      effects: [{ do: 'set', value: LANGUAGE, to: '"de"' }],
    }),
    link('s', press('weiter'), 'go', 't'),
    link('s', press('reset all'), 'stay', undefined, { effects: [{ do: 'reset' }] }),
    link('s', press('reset language'), 'stay', undefined, {
      effects: [{ do: 'reset', value: LANGUAGE }],
    }),
  ],
  {
    languages: [
      { code: 'en', name: 'English' },
      { code: 'de', name: 'Deutsch' },
    ],
    texts: { de: { 's to german': 'Auf Deutsch' } },
  },
);
const pressed = (play: Play, element: string): Play => {
  const spot = { serial: play.state.base.serial, element };
  return play.give(
    { type: 'pointer', device: 'pointer', phase: 'down', spot },
    { type: 'pointer', device: 'pointer', phase: 'up', spot },
  );
};

test('it is a value as soon as a second language is there, and the project’s own by that name comes first', () => {
  expect(valueById(project, LANGUAGE)).toMatchObject({
    life: 'settings',
    default: 'en',
    options: [
      { id: 'en', label: 'English' },
      { id: 'de', label: 'Deutsch' },
    ],
  });
  expect(valueById({ ...project, languages: undefined }, LANGUAGE)).toBeUndefined();
  const own = applyCommand({ ...project, languages: undefined }, 'add value', {
    type: 'text',
    name: 'language',
  }).project;
  expect(valueById({ ...own, languages: project.languages }, LANGUAGE)).toBeUndefined();
  const later = applyCommand(project, 'add value', { type: 'text', name: 'language' }).project;
  expect(later.values.at(-1)!.name).toBe('language 2');
});

test('an effect sets it, a condition asks for it, and a run keeps it as what the player chose', () => {
  const play = new Play(project);
  expect(play.state.values[LANGUAGE]).toBe('en');
  pressed(play, 'to german');
  expect(play.state.values[LANGUAGE]).toBe('de');
  expect(keptOf(play.flow, play.state).values).toEqual({ [LANGUAGE]: 'de' });
  pressed(play, 'weiter');
  expect(play.up).toEqual(['t']);
});

test('a player who has chosen none begins with the preferred one, which is not kept as theirs', () => {
  const flow = compile(project, undefined, { prefers: 'de' });
  const { state } = begin(flow);
  expect([state.values[LANGUAGE], keptOf(flow, state).values]).toEqual(['de', {}]);
  const chosen = begin(flow, { values: { [LANGUAGE]: 'en' } }).state;
  expect(chosen.values[LANGUAGE]).toBe('en');
  expect(begin(compile(project, undefined, { prefers: 'fi' })).state.values[LANGUAGE]).toBe('en');
});

test('setting everything back leaves it; setting it back by name does not', () => {
  const play = pressed(pressed(new Play(project), 'to german'), 'reset all');
  expect(play.state.values[LANGUAGE]).toBe('de');
  pressed(play, 'reset language');
  expect([play.state.values[LANGUAGE], play.state.chosen]).toEqual(['en', []]);
});

test('taken over in another language a run stays where it is', () => {
  const play = pressed(new Play(project), 'to german');
  const german = compile(inLanguage(project, 'de'), play.flow, { language: 'de' });
  const state = reconcile(german, play.state);
  expect({ ...state, values: null }).toEqual({ ...play.state, values: null });
  expect(step(german, state, { type: 'time', pass: 1000 }).state.values[LANGUAGE]).toBe('de');
});
