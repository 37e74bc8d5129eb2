import fc from 'fast-check';
import { compile, type Flow } from '../../compile';
import { begin, step, type Input, type RunState } from '..';
import { isTouchCode } from '../../keys';
import type { Element, Link, Project } from '../../model';
import { dragTest, elementsAt, hitTest } from '../../paint';
import { toldOf } from '../../elements/stick/push';
import type { Of } from '../../elements';
import { anyInput, anyProject, anyThumb } from '../../test/arbitrary';
import { runs } from '../../test/any-runs';
import { buttonOf, down, link, Play, press, projectOf, screenOf } from '../../test/flows';

/** Thumbs: a stick, what stands for actions, swipe zones, tilt, and several fingers at once. */

const at = (x: number, y: number, width: number, height = width) => ({
  x: { at: 'start', offset: x, size: width },
  y: { at: 'start', offset: y, size: height },
});
const element = (id: string, over: object): Element =>
  ({ id, name: id, parent: null, place: at(0, 0, 200), ...over }) as unknown as Element;
const stickOf = (over: object = {}): Of<'stick'> =>
  element('stick', {
    type: 'stick',
    place: at(100, 700, 200),
    size: 200,
    box: { style: 'b-panel' },
    ...over,
  }) as Of<'stick'>;
const fire = { ...buttonOf('fire', 0), place: at(1500, 700, 100), acts: 'fire', reach: 50 } as Element;
const zone = element('zone', {
  type: 'touch',
  place: at(800, 100, 600),
  swipes: { left: 'dodge', up: 'menu' },
});

const watch = (elements: Element[], links: Link[] = [], over: Partial<Project> = {}): Play => {
  const project = projectOf(
    [
      screenOf('watch', { kind: 'play', elements }),
      screenOf('bag', { kind: 'pause', layer: 'overlay' }, ['close']),
    ],
    links,
    over,
  );
  project.actions = [
    ...project.actions,
    { id: 'fire', name: 'fire', keys: ['KeyF'], pad: [], forGame: true },
    { id: 'dodge', name: 'dodge', keys: [], pad: [], forGame: true },
  ];
  return new Play(project);
};

/** A finger at a point of the frame, as a page gives it. */
const finger =
  (run: Play, n: number) =>
  (phase: 'down' | 'move' | 'up', x: number, y: number): Play => {
    const spot =
      (phase === 'down' ? null : dragTest(run.flow, run.state, x, y, n)) ??
      hitTest(run.flow, run.state, x, y);
    return run.give({ type: 'pointer', device: 'touch', finger: n, phase, spot });
  };
const toGame = (run: Play): string[] => run.did('to game').map(({ code, phase }) => `${code} ${phase}`);

describe('a stick', () => {
  const RECT = { x: 100, y: 700, width: 200, height: 200 };
  const pushed = (over: object, share: number, degrees: number) => {
    const turn = (degrees * Math.PI) / 180;
    const from = { x: 100, y: 100 };
    const to = { x: 100 + Math.cos(turn) * share * 100, y: 100 + Math.sin(turn) * share * 100 };
    return toldOf(stickOf(over), RECT, { from, at: to });
  };

  test('tells how far beyond its dead zone it is pushed, and never more than all', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.integer({ min: 0, max: 359 }),
        fc.constantFrom(0, 0.2, 0.5),
        (share, degrees, dead) => {
          const { axis } = pushed({ dead }, share, degrees);
          const expected = Math.max(0, Math.min(1, (Math.min(share, 1) - dead) / (1 - dead)));
          expect(Math.hypot(axis!.x, axis!.y)).toBeCloseTo(expected, 1);
        },
      ),
    );
  });

  test('every eighth of the circle has its directions', () => {
    // Clockwise from the right, as degrees on a screen go.
    const EIGHTHS = ['right', 'right down', 'down', 'left down', 'left', 'left up', 'up', 'right up'];
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 359 }), (degrees) => {
        const nearest = Math.floor((degrees + 22.5) / 45) % 8;
        if (Math.abs(((degrees + 22.5) % 45) - 0) < 1) return;
        expect(pushed({}, 1, degrees).actions.join(' ')).toBe(EIGHTHS[nearest]);
        expect(pushed({ ways: 4 }, 1, degrees).actions).toHaveLength(1);
        expect(pushed({ tells: 'axis' }, 1, degrees).actions).toEqual([]);
        expect(pushed({ tells: 'directions' }, 1, degrees).axis).toBeUndefined();
      }),
    );
  });

  test('that goes four ways is turned to the nearest of them', () => {
    expect(pushed({ ways: 4, dead: 0 }, 1, 40).axis).toEqual({ x: 1, y: 0 });
    expect(pushed({ ways: 4, dead: 0 }, 1, 50).axis).toEqual({ x: 0, y: 1 });
    expect(pushed({ ways: 8, dead: 0 }, 1, 50).axis).toEqual({ x: 0.71, y: 0.71 });
  });

  test('comes to where the thumb comes down, within its zone', () => {
    const run = watch([stickOf({ place: at(0, 500, 600), size: 200, floats: true })]);
    finger(run, 1)('down', 150, 700);
    expect(run.did('axis')).toEqual([]);
    finger(run, 1)('move', 250, 700);
    expect(run.did('axis')).toMatchObject([{ of: 'stick', x: 1, y: 0 }]);
    finger(run, 1)('up', 250, 700);
    expect(run.did('axis').at(-1)).toMatchObject({ x: 0, y: 0 });
  });

  test('holds directions down for the game, and lets go of them', () => {
    const run = watch([stickOf()]);
    const thumb = finger(run, 7);
    thumb('down', 200, 800);
    thumb('move', 290, 800);
    thumb('move', 260, 860);
    thumb('move', 1900, 20);
    thumb('up', 1900, 20);
    expect(toGame(run)).toEqual([
      'touch right down',
      'touch down down',
      'touch down up',
      'touch up down',
      'touch right up',
      'touch up up',
    ]);
    expect(run.state.down).toEqual([]);
    expect(run.state.axes).toEqual({});
  });
});

describe('several fingers', () => {
  test('a stick is held while a button is pressed and a third finger swipes; each press has one taker', () => {
    const run = watch(
      [stickOf(), fire, zone, { ...buttonOf('more', 0), place: at(1500, 300, 200) } as Element],
      [link('watch', press('more'), 'open', 'bag')],
    );
    finger(run, 1)('down', 290, 800);
    finger(run, 2)('down', 1550, 750);
    finger(run, 3)('down', 1000, 300);
    const spot = { serial: run.state.base.serial, element: 'zone' };
    run.give(
      { type: 'pointer', device: 'touch', finger: 3, phase: 'up', spot: null },
      { type: 'gesture', gesture: 'swipe left', spot },
    );
    expect(toGame(run)).toEqual([
      'touch right down',
      'touch fire down',
      'touch dodge down',
      'touch dodge up',
    ]);
    expect(run.state.touches.map(({ spot: { element: on } }) => on)).toEqual(['stick', 'fire']);
    finger(run, 2)('up', 1550, 750);
    finger(run, 4)('down', 1600, 400);
    finger(run, 4)('up', 1600, 400);
    expect(run.up).toEqual(['watch', 'bag']);
    // The screen that opened lies over the stick: it is let go of, and the finger's end means nothing more.
    expect(toGame(run).slice(4)).toEqual(['touch fire up', 'touch right up']);
    finger(run, 1)('up', 290, 800);
    expect(run.did('nowhere')).toEqual([]);
  });

  test('two fingers press two buttons', () => {
    const two = (id: string, x: number) => ({ ...buttonOf(id, 0), place: at(x, 100, 200) }) as Element;
    const run = watch(
      [two('a', 0), two('b', 400)],
      [
        link('watch', press('a'), 'stay', undefined, { effects: [{ do: 'send', event: 'a' }] }),
        link('watch', press('b'), 'stay', undefined, { effects: [{ do: 'send', event: 'b' }] }),
      ],
      { events: ['a', 'b'].map((id) => ({ id, name: id, direction: 'out' as const })) },
    );
    finger(run, 1)('down', 100, 150);
    finger(run, 2)('down', 500, 150);
    finger(run, 1)('up', 100, 150);
    finger(run, 2)('up', 500, 150);
    expect(run.did('send')).toMatchObject([{ event: 'a' }, { event: 'b' }]);
  });

  test('swipes: a zone has its own; elsewhere those of the whole game count', () => {
    const run = watch([zone], [link('watch', down('menu'), 'open', 'bag')]);
    const swipe = (gesture: 'swipe up' | 'swipe right', element: string | null): Play =>
      run.give({ type: 'gesture', gesture, spot: { serial: run.state.base.serial, element } });
    expect(swipe('swipe up', null).up).toEqual(['watch']);
    expect(swipe('swipe right', 'zone').up).toEqual(['watch']);
    expect(swipe('swipe up', 'zone').up).toEqual(['watch', 'bag']);
  });
});

describe('what stands for an action', () => {
  test('takes a press around it too, and links of the action take it', () => {
    const run = watch([fire], [link('watch', down('fire'), 'open', 'bag')]);
    expect(hitTest(run.flow, run.state, 1460, 660)?.element).toBe('fire');
    expect(hitTest(run.flow, run.state, 1440, 660)?.element).toBeNull();
    expect(elementsAt(run.flow.screens.get('watch')!, { x: 1460, y: 660 })).toEqual([]);
    finger(run, 1)('down', 1460, 660);
    expect(run.up).toEqual(['watch', 'bag']);
    expect(run.state.touches).toEqual([]);
  });

  test('confirmed by keys, it goes down and comes up', () => {
    const run = watch([fire]).key('Enter');
    expect(toGame(run)).toEqual(['touch fire down', 'touch fire up']);
    expect(run.did('nowhere')).toEqual([]);
  });
});

describe('only for touch', () => {
  const thumbs = () => watch([{ ...fire, only: 'touch' } as Element, buttonOf('a', 100)]);

  test('it is there once a finger has touched anything, and goes when keys are used', () => {
    const run = thumbs();
    expect(hitTest(run.flow, run.state, 1550, 750)?.element).toBeNull();
    finger(run, 1)('down', 5, 5);
    finger(run, 1)('up', 5, 5);
    expect(hitTest(run.flow, run.state, 1550, 750)?.element).toBe('fire');
    run.key('ArrowDown');
    expect(hitTest(run.flow, run.state, 1550, 750)?.element).toBeNull();
    expect(run.focus).toBe('a');
  });

  test('what it held down comes up with it', () => {
    const run = thumbs().give({ type: 'in hand', device: 'touch' });
    finger(run, 1)('down', 1550, 750);
    run.key('ArrowDown');
    expect(toGame(run)).toEqual(['touch fire down', 'touch fire up']);
  });
});

describe('tilt', () => {
  const tilts = (): Play => {
    const run = watch([], [], { input: { level: 5, tilted: 30, tiltToGame: true } });
    run.flow.bindings.set('tilt right', ['fire']);
    return run;
  };

  test('of 20° with a dead zone of 5° tells the game so; level again, it comes up', () => {
    const run = tilts().give({ type: 'tilt', x: 4, y: -3 });
    expect([run.did('axis'), toGame(run)]).toEqual([[], []]);
    run.give({ type: 'tilt', x: 20, y: -3 });
    expect(run.did('axis')).toMatchObject([{ of: 'tilt', x: 0.6, y: 0 }]);
    expect(toGame(run)).toEqual(['tilt right down']);
    // A hand that shakes about the edge tells nothing.
    run.give({ type: 'tilt', x: 4.5, y: 0 }, { type: 'tilt', x: 5.5, y: 0 });
    expect(toGame(run)).toEqual(['tilt right down']);
    run.give({ type: 'tilt', x: 0, y: 0 });
    expect(toGame(run)).toEqual(['tilt right down', 'tilt right up']);
    expect(run.did('axis').at(-1)).toMatchObject({ of: 'tilt', x: 0, y: 0 });
  });
});

/** A random project with a stick and something that stands for an action on every screen. */
const withThumbs = anyProject.map((project) => ({
  ...project,
  screens: project.screens.map((screen) => ({ ...screen, elements: [...screen.elements, stickOf(), fire] })),
  actions: [...project.actions, { id: 'fire', name: 'fire', keys: [], pad: [] }],
}));
/** Three things that fingers do to one of anything else. */
const handed = fc.array(fc.oneof({ weight: 3, arbitrary: anyThumb }, { weight: 1, arbitrary: anyInput }), {
  minLength: 5,
  maxLength: 40,
});

test('whatever happens, the game hears every down followed by its up, and with no finger left nothing is down', () => {
  let held = 0;
  fc.assert(
    fc.property(withThumbs, handed, (project, inputs) => {
      const flow = compile(project);
      let { state } = begin(flow);
      const heard = new Map<string, string>();
      for (const input of inputs) {
        const { state: after, outcomes } = step(flow, state, aimed(flow, state, input));
        for (const outcome of outcomes) {
          if (outcome.did !== 'to game') continue;
          expect(heard.get(outcome.code) ?? 'up').not.toBe(outcome.phase);
          heard.set(outcome.code, outcome.phase);
        }
        state = after;
        if (state.ended) return;
        const down = state.down.filter(({ code }) => isTouchCode(code));
        held += down.length;
        if (state.touches.length === 0) expect(down).toEqual([]);
        const fingers = state.touches.map(({ finger: n }) => n);
        expect(new Set(fingers).size).toBe(fingers.length);
      }
    }),
    runs,
  );
  // The rule is worth something only where fingers do hold actions down.
  expect(held).toBeGreaterThan(50);
});

/** The same with a finger that goes down on one of those two. */
function aimed(flow: Flow, state: RunState, input: Input): Input {
  if (input.type !== 'pointer' || input.finger === undefined || input.phase !== 'down') return input;
  const top = state.overlays.at(-1) ?? state.base;
  const element = input.finger % 2 === 0 ? 'stick' : 'fire';
  if (!flow.screens.get(top.screen)!.byId.has(element)) return input;
  return { ...input, spot: { serial: top.serial, element, at: input.spot?.at } };
}
