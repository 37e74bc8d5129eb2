import { compile } from '@tavu/core/compile';
import { blankProject, type Project, type Screen } from '@tavu/core/model';
import { begin, beginAt, step, type Outcome } from '@tavu/core/run';
import { ownPlaying } from './playing';
import { musicOf, Sounds } from './sounds';

/** Stands in for the page's own: notes what is played, and how. */
class Heard {
  static all: Heard[] = [];
  muted = false;
  loop = false;
  playing = false;
  volume = 1;
  ended: (() => void) | null = null;
  constructor(readonly address: string) {
    Heard.all.push(this);
  }
  play(): Promise<void> {
    this.playing = true;
    return Promise.resolve();
  }
  pause(): void {
    this.playing = false;
  }
  addEventListener(_name: string, done: () => void): void {
    this.ended = done;
  }
}

const screen = (id: string, area?: string): Screen => ({
  id,
  name: id,
  kind: 'custom',
  layer: 'base',
  background: { colour: '#000000' },
  elements: [],
  ...(area ? { area } : {}),
});

const project: Project = {
  ...blankProject('Test'),
  screens: [screen('title'), screen('watch', 'night'), screen('storm', 'gale'), screen('dawn', 'day')],
  start: 'title',
  areas: [
    { id: 'night', name: 'Night', parent: null, music: 'surf' },
    { id: 'gale', name: 'Gale', parent: 'night', music: 'wind' },
    { id: 'day', name: 'Day', parent: 'night' },
  ],
};
const flow = compile(project);
const at = (id: string) => beginAt(flow, id, true).state;
const sound = (asset: string, did: 'sound' | 'stop sound' = 'sound'): Outcome => ({ at: 0, did, asset });
const now = () => Heard.all.filter((heard) => heard.playing).map((heard) => heard.address);

beforeEach(() => {
  Heard.all = [];
  Object.assign(globalThis, { Audio: Heard });
});

test('the music is that of the innermost area that has some', () => {
  expect(['title', 'watch', 'storm', 'dawn'].map((id) => musicOf(flow, at(id)))).toEqual([
    null,
    'surf',
    'wind',
    'surf',
  ]);
});

test('music goes on from screen to screen of an area, changes with it, and ends with it', () => {
  const sounds = new Sounds((id) => `at ${id}`);
  for (const [id, playing] of [
    ['title', []],
    ['watch', ['at surf']],
    ['dawn', ['at surf']],
    ['storm', ['at wind']],
    ['title', []],
  ] as const) {
    sounds.hear(flow, at(id), at(id), []);
    expect(now()).toEqual(playing);
  }
  expect(Heard.all).toHaveLength(2);
  expect(Heard.all.every((heard) => heard.loop)).toBe(true);
});

test('a sound set off again begins again; it can be stopped; one that is gone is silence', () => {
  const sounds = new Sounds((id) => (id === 'bell' ? 'at bell' : ''));
  const { state } = begin(flow);
  sounds.hear(flow, state, state, [sound('bell'), sound('gone')]);
  sounds.hear(flow, state, state, [sound('bell')]);
  expect([now(), Heard.all.length]).toEqual([['at bell'], 2]);
  sounds.hear(flow, state, state, [sound('bell', 'stop sound')]);
  expect(now()).toEqual([]);
});

test('it stands still while the run is held, goes on after, and can be muted', () => {
  const playing = ownPlaying();
  const sounds = new Sounds((id) => `at ${id}`, playing);
  sounds.hear(flow, at('watch'), at('watch'), [sound('bell')]);
  Heard.all[0]!.pause();
  Heard.all[0]!.ended?.();
  playing.setState({ held: true });
  expect(now()).toEqual([]);
  playing.setState({ held: false });
  playing.setState({ muted: true });
  expect(now()).toEqual(['at surf']);
  expect(Heard.all.find((heard) => heard.address === 'at surf')!.muted).toBe(true);
  sounds.hear(flow, at('watch'), at('watch'), [sound('horn')]);
  expect(Heard.all.at(-1)!.muted).toBe(true);
  sounds.stop();
  expect(now()).toEqual([]);
});

test('what is set off while held waits until it goes on', () => {
  const playing = ownPlaying();
  const sounds = new Sounds((id) => `at ${id}`, playing);
  playing.setState({ held: true });
  sounds.hear(flow, at('title'), at('title'), [sound('bell')]);
  expect(now()).toEqual([]);
  playing.setState({ held: false });
  expect(now()).toEqual(['at bell']);
});

test('one piece of music gives way to the next over its time, and comes back where it was', () => {
  const fading = compile({ ...project, sound: { fade: '100 ms', under: 0.5 } });
  const sounds = new Sounds((id) => `at ${id}`);
  const go = (id: string): void => sounds.hear(fading, at(id), at(id), []);
  const volumes = () =>
    Heard.all.filter((heard) => heard.playing).map((heard) => [heard.address, heard.volume]);
  go('watch');
  sounds.pass(0);
  sounds.pass(100);
  go('storm');
  sounds.pass(150);
  expect(volumes()).toEqual([
    ['at surf', 0.5],
    ['at wind', 0.5],
  ]);
  go('watch');
  sounds.pass(200);
  expect(volumes()).toEqual([['at surf', 1]]);
});

test('a screen has music of its own, or silence, in place of its area’s', () => {
  const own = compile({
    ...project,
    screens: project.screens.map((screen) =>
      screen.id === 'watch'
        ? { ...screen, music: 'shanty' }
        : screen.id === 'storm'
          ? { ...screen, music: 'none' }
          : screen,
    ),
  });
  expect(['watch', 'storm', 'dawn'].map((id) => musicOf(own, at(id)))).toEqual(['shanty', null, 'surf']);
});

test('a conversation’s own music goes before that of its screen while it goes on; its voice is heard as letters come', () => {
  const speaks: Project = {
    ...project,
    screens: project.screens.map((screen) =>
      screen.id === 'watch'
        ? {
            ...screen,
            says: 'talk',
            elements: [
              {
                id: 'says',
                name: 'Says',
                type: 'spoken',
                parent: null,
                place: {
                  x: { at: 'start', offset: 0, size: 1000 },
                  y: { at: 'start', offset: 0, size: 200 },
                },
                text: '',
                look: { style: 't-body' },
              },
            ],
          }
        : screen,
    ),
    speakers: [{ id: 'ines', name: 'Ines', faces: [], blip: 'blip' }],
    conversations: [
      {
        id: 'talk',
        name: 'Talk',
        screen: 'watch',
        steps: [
          { id: 'm', step: 'music', asset: 'drone' },
          { id: 'a', step: 'line', speaker: 'ines', text: 'abcdefgh', letter: '50 ms' },
        ],
      },
    ],
  };
  const talks = compile(speaks);
  let { state } = beginAt(talks, 'watch', true);
  const sounds = new Sounds((asset) => asset);
  for (let i = 0; i < 12; i++) {
    const before = state;
    const next = step(talks, before, { type: 'time', pass: 50_000 });
    state = next.state;
    sounds.hear(talks, before, state, next.outcomes);
  }
  expect(musicOf(talks, state)).toBe('drone');
  expect(Heard.all.filter((heard) => heard.address === 'blip')).toHaveLength(3);
  expect(
    musicOf(talks, { ...state, base: { ...state.base, talk: { ...state.base.talk!, over: true } } }),
  ).toBe('surf');
});
