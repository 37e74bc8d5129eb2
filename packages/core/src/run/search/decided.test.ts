import type { Screen } from '../../model';
import { down, event, link, Play, press, projectOf, screenOf } from '../../test/flows';

/** What docs/semantics.md decides, rule by rule, each where breaking it would be seen. */

const piece = (id: string, over: Partial<Screen> = {}): Screen => screenOf(id, { layer: 'hud', ...over });
const pieces = (play: Play): string[] => play.state.huds.map((hud) => hud.screen);

test('pieces beside a base do not see one another in what they are up while', () => {
  const play = new Play(
    projectOf(
      [
        screenOf('watch'),
        piece('first', { shownWhen: '!isUp(second)' }),
        piece('second', { shownWhen: '!isUp(first)' }),
        piece('third', { shownWhen: 'isUp(first)' }),
      ],
      [],
    ),
  );
  expect(pieces(play)).toEqual(['first', 'second']);
});

test('a piece in no area is beside every base, one in an area only beside that area’s', () => {
  const play = new Play(
    projectOf(
      [
        screenOf('title'),
        screenOf('watch', { area: 'r' }),
        piece('everywhere'),
        piece('inside', { area: 'r' }),
      ],
      [link('title', event('go'), 'go', 'watch')],
      { areas: [{ id: 'r', name: 'R', parent: null }], events: [{ id: 'go', name: 'go', direction: 'in' }] },
    ),
  );
  expect(pieces(play)).toEqual(['everywhere']);
  expect(pieces(play.event('go').wait(10))).toEqual(['everywhere', 'inside']);
});

test('back from a piece closes the top overlay, and not the base', () => {
  const play = new Play(
    projectOf(
      [
        screenOf('title'),
        screenOf('watch'),
        screenOf('map', { layer: 'overlay', modal: false }),
        piece('hint'),
      ],
      [
        link('title', event('go'), 'go', 'watch'),
        link('watch', event('map'), 'open', 'map'),
        link('hint', event('close'), 'back'),
      ],
      { events: ['go', 'map', 'close'].map((id) => ({ id, name: id, direction: 'in' as const })) },
    ),
  );
  play.event('go').event('map').wait(10);
  expect(play.up).toEqual(['watch', 'map']);
  expect(play.event('close').wait(10).up).toEqual(['watch']);
});

test('going to an overlay closes the others', () => {
  const overlay = (id: string) => screenOf(id, { layer: 'overlay' });
  const play = new Play(
    projectOf(
      [screenOf('watch'), overlay('map'), overlay('log'), overlay('help')],
      [
        link('watch', event('map'), 'open', 'map'),
        link('map', event('log'), 'open', 'log'),
        link('log', event('help'), 'go', 'help'),
      ],
      { events: ['map', 'log', 'help'].map((id) => ({ id, name: id, direction: 'in' as const })) },
    ),
  );
  expect(play.event('map').event('log').wait(10).up).toEqual(['watch', 'map', 'log']);
  expect(play.event('help').wait(10).up).toEqual(['watch', 'help']);
});

test('of the links that wait for one answer only the first that fits is taken', () => {
  const answered = (to: string, when?: string) =>
    link(
      'title',
      { on: 'returned', screen: 'ask', outcome: 'yes' },
      'go',
      to,
      when === undefined ? {} : { when },
    );
  const play = new Play(
    projectOf(
      [
        screenOf('title', {}, ['quit']),
        screenOf('ask', { layer: 'overlay', outcomes: [{ id: 'yes', name: 'yes' }] }, ['ok']),
        screenOf('never'),
        screenOf('first'),
        screenOf('second'),
      ],
      [
        link('title', press('quit'), 'open', 'ask'),
        answered('never', '1 > 2'),
        answered('first'),
        answered('second'),
        link('ask', press('ok'), 'back', undefined, { outcome: 'yes' }),
      ],
    ),
  );
  play.key('Enter').wait(10).key('Enter').wait(10);
  expect(play.up).toEqual(['first']);
  expect(play.did('link').length).toBe(3);
});

test('with the pointer in hand the first confirm or direction only shows the focus; the next one acts', () => {
  for (const [code, next] of [
    ['Enter', ['watch', 'a']],
    ['ArrowDown', ['title', 'b']],
  ] as const) {
    const play = new Play(
      projectOf(
        [screenOf('title', {}, ['a', 'b']), screenOf('watch', {}, ['a'])],
        [link('title', press('a'), 'go', 'watch')],
      ),
    );
    const { serial } = play.state.base;
    const click = (element: string | null): void => {
      const spot = element === null ? null : { serial, element };
      play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot });
      play.give({ type: 'pointer', device: 'pointer', phase: 'up', spot: null });
    };
    // A click on nothing is no use of the pointer.
    click(null);
    expect(play.state.device).toBe('keys');
    click('a');
    expect(play.state.device).toBe('pointer');
    play.key(code).wait(10);
    expect([play.up, play.focus]).toEqual([['title'], 'a']);
    play.key(code).wait(10);
    expect([play.up[0], play.focus]).toEqual(next);
  }
});

test('a screen that comes back while it is still leaving turns round from where its picture is, at once', () => {
  const play = new Play(
    projectOf(
      [
        screenOf('watch', { kind: 'play' }),
        screenOf('pause', {
          layer: 'overlay',
          motion: { name: 'fade', duration: '400 ms', easing: 'linear' },
        }),
      ],
      [link('watch', event('open'), 'open', 'pause'), link('pause', event('close'), 'back')],
      { events: ['open', 'close'].map((id) => ({ id, name: id, direction: 'in' as const })) },
    ),
  );
  play.event('open').wait(1000).event('close').wait(100);
  expect(play.state.leaving.map((leaving) => leaving.screen)).toEqual(['pause']);
  play.event('open');
  const [pause] = play.state.overlays;
  // It does not wait until it has gone, and goes on from three quarters of itself.
  expect([play.state.leaving, pause!.shown]).toEqual([[], play.state.now]);
  expect(pause!.start?.['screen opacity']).toBeCloseTo(0.75);
});

test('a pointer on something that cannot be used moves no focus, and one on its neighbour does', () => {
  const screen = screenOf('title', {}, ['a', 'b', 'c']);
  screen.elements[1]!.enabledWhen = '1 > 2';
  const play = new Play(projectOf([screen], []));
  const at = (element: string) => ({ serial: play.state.base.serial, element });
  expect(play.focus).toBe('a');
  play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot: at('b') });
  play.give({ type: 'pointer', device: 'pointer', phase: 'up', spot: at('b') });
  expect(play.focus).toBe('a');
  play.give({ type: 'pointer', device: 'touch', phase: 'down', spot: at('c') });
  expect(play.focus).toBe('c');
});

test('a press down and let go of one key opens nothing twice', () => {
  const play = new Play(
    projectOf(
      [screenOf('watch'), screenOf('pause', { layer: 'overlay' })],
      [link('watch', down('menu'), 'open', 'pause'), link('pause', down('menu'), 'back')],
    ),
  );
  expect(play.key('Escape', 2000).wait(100).up).toEqual(['watch', 'pause']);
});
