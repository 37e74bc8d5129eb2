import { step, typedAlone, type Scalars } from '..';
import type { Element, Project } from '../../model';
import { paintRun } from '../../paint';
import { buttonOf, down, event, link, Play, projectOf, screenOf } from '../../test/flows';
import { line, talking } from '../../test/talks';

/** Words that type themselves where no conversation is played, as an objective line does. */

const words = { ...buttonOf('words', 100, '{text}'), type: 'spoken' } as unknown as Element;
const text = { id: 'text', name: 'text', type: 'text' } as const;

function objective(): Project {
  const project = projectOf(
    [
      screenOf('watch', { kind: 'play' }),
      screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['resume']),
      screenOf('aim', { layer: 'notice', until: 'replaced', parameters: [text], elements: [words] }),
    ],
    [
      link('watch', event('objective'), 'stay', undefined, {
        effects: [{ do: 'notice', screen: 'aim', args: { text: 'text' } }],
      }),
      link('watch', event('reached'), 'stay', undefined, {
        effects: [{ do: 'clear notice', screen: 'aim' }],
      }),
      link('watch', down('menu'), 'open', 'pause'),
    ],
  );
  project.events = [
    { id: 'objective', name: 'objective', direction: 'in', fields: [text] },
    { id: 'reached', name: 'reached', direction: 'in' },
  ];
  return project;
}
const say = (play: Play, fields: Scalars): Play => play.give({ type: 'event', event: 'objective', fields });
/** The words on the message, and how many letters are there. */
const seen = (play: Play): [string | undefined, number | undefined] => {
  const [notice] = play.state.notices;
  const { texts, typed } = typedAlone(play.flow, play.state, notice!, { words: String(notice!.args.text) });
  return [texts.words, typed.words];
};

test('it is typed letter by letter, and stays when it is there, through pause, until it is replaced or cleared', () => {
  const play = say(new Play(objective()), { text: 'Keep the beam on her' });
  const letter = play.flow.talk.letter / 1000;
  expect(seen(play)).toEqual(['Keep the beam on her', 0]);
  expect(seen(play.wait(4 * letter))).toEqual(['Keep the beam on her', 4]);
  expect(seen(play.wait(15 * letter))[1]).toBe(19);
  expect(seen(play.wait(letter))[1]).toBeUndefined();
  play.wait(600_000).key('Escape').wait(60_000);
  expect([play.notices, play.up]).toEqual([['aim'], ['watch', 'pause']]);
  expect(JSON.stringify(paintRun(play.flow, play.state))).toContain('on her');
  play.key('Enter').wait(1000);
  say(play, { text: 'Hold' });
  expect([play.notices, seen(play)]).toEqual([['aim'], ['Hold', 0]]);
  expect(seen(play.wait(4 * letter))).toEqual(['Hold', undefined]);
  expect(play.event('reached').notices).toEqual([]);
});

test('marks in its words pace them, and are not shown', () => {
  const play = say(new Play(objective()), { text: '[slow]ab' });
  const letter = play.flow.talk.letter / 1000;
  expect(seen(play.wait(2 * letter))).toEqual(['ab', 1]);
  expect(seen(play.wait(2 * letter))).toEqual(['ab', undefined]);
});

test('what is drawn has as many letters as are there', () => {
  const play = say(new Play(objective()), { text: 'Keep the beam on her' });
  const drawn = (): string => JSON.stringify(paintRun(play.flow, play.state));
  expect(drawn()).not.toContain('Keep');
  play.wait((8 * play.flow.talk.letter) / 1000);
  expect(drawn()).toContain('Keep the');
  expect(drawn()).not.toMatch(/beam|her/);
});

test('a message that stays goes on saying the last line of its conversation; one with a time goes with it', () => {
  const of = (until: 'replaced' | undefined): Play => {
    const project = talking([line('a', 'One'), line('b', 'Two')]);
    const radio = project.screens.find(({ id }) => id === 'radio')!;
    Object.assign(radio, { layer: 'notice', until });
    project.links = project.links.map((link) =>
      link.to ? { ...link, kind: 'stay', to: undefined, effects: [{ do: 'notice', screen: 'radio' }] } : link,
    );
    return new Play(project).event('call').wait(60_000);
  };
  const stays = of('replaced');
  expect(stays.notices).toEqual(['radio']);
  expect(JSON.stringify(paintRun(stays.flow, stays.state))).toContain('Two');
  expect(step(stays.flow, stays.state, { type: 'time', pass: 1e9 }).outcomes).toEqual([]);
  expect(of(undefined).notices).toEqual([]);
});
