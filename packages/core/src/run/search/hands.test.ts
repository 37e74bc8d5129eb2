import fc from 'fast-check';
import { compile } from '../../compile';
import { GESTURES, type Element, type Project, type Value } from '../../model';
import type { Item } from '../../drawing';
import { caretTest, dragTest, hitTest, paintRun, scrollTest } from '../../paint';
import { after, buttonOf, down, link, Play, press, projectOf, screenOf } from '../../test/flows';
import { begin, keptOf, reconcile, validateState } from '..';
import { load, resetValues, save, setValue } from '../state';

/**
 * What hands do on a screen: turning tabs, dragging sliders, scrolling, typing, choosing keys; and what is kept of
 * it.
 */

const like = (id: string, y: number, over: object): Element =>
  ({ ...buttonOf(id, y), ...over }) as unknown as Element;
const values: Value[] = [
  {
    id: 'sea',
    name: 'sea',
    section: 'Sound',
    life: 'settings',
    type: 'number',
    min: 0,
    max: 100,
    step: 5,
    default: 70,
  },
  { id: 'sub', name: 'sub', section: 'Access', life: 'settings', type: 'on/off', default: false },
  { id: 'name', name: 'name', section: 'Game', life: 'progress', type: 'text', default: '' },
];
const rows = Array.from({ length: 14 }, (_, i) => ({
  ...buttonOf(`row${i}`, 0),
  parent: 'area',
}));
const wide = (min: number, size: number) => ({ at: 'start', offset: min, size });
const project = (over: Partial<Project> = {}): Project =>
  projectOf(
    [
      screenOf('s', {
        elements: [
          like('slider', 0, { type: 'slider', value: 'sea', place: { x: wide(0, 800), y: wide(0, 72) } }),
          like('switch', 100, { type: 'switch', value: 'sub' }),
          like('entry', 200, { type: 'entry', value: 'name' }),
          like('keys', 300, { type: 'binding', action: 'back', device: 'keys', text: 'Back' }),
          like('swap', 400, { type: 'binding', action: 'next', device: 'keys', clash: 'swap' }),
          like('pad', 500, { type: 'binding', action: 'back', device: 'pad' }),
          buttonOf('take', 600),
          buttonOf('keep', 700),
          buttonOf('usual', 800),
        ],
      }),
    ],
    [
      link('s', press('take'), 'stay', undefined, { effects: [{ do: 'take back changes' }] }),
      link('s', press('keep'), 'stay', undefined, { effects: [{ do: 'keep changes' }] }),
      link('s', press('usual'), 'stay', undefined, { effects: [{ do: 'reset bindings' }] }),
    ],
    { values, ...over },
  );

const at = (play: Play, x: number, y: number) => hitTest(play.flow, play.state, x, y);
function click(play: Play, x: number, y: number, device: 'pointer' | 'touch' = 'pointer'): Play {
  play.give({ type: 'pointer', device, phase: 'down', spot: at(play, x, y) });
  return play.give({ type: 'pointer', device, phase: 'up', spot: at(play, x, y) });
}
const middle = (play: Play, id: string): [number, number] => {
  const rect = play.flow.screens.get(play.state.base.screen)!.layout.get(id)!;
  return [rect.x + rect.width / 2, rect.y + rect.height / 2];
};
/** Where the caret of the entry is drawn, from the left. */
function caretAt(play: Play): number {
  const rect = play.flow.screens.get('s')!.layout.get('entry')!;
  const find = (items: readonly Item[], by: number): number[] =>
    items.flatMap((item): number[] => {
      if (item.kind === 'group') return find(item.items, by + item.x);
      const isCaret = item.kind === 'box' && item.rect.width === 3 && item.rect.height === rect.height / 2;
      return isCaret ? [by + item.rect.x + 1.5] : [];
    });
  const [x] = find(paintRun(play.flow, play.state), 0);
  return x!;
}
const pressed = (play: Play, id: string): Play => click(play, ...middle(play, id));

test('a slider goes where it is pressed, follows the pointer while it is down, and keeps to its steps', () => {
  const play = new Play(project());
  const track = (share: number): number => {
    for (let x = 0; x < 800; x++) if ((at(play, x, 36)?.share ?? -1) >= share) return x;
    return 800;
  };
  play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot: at(play, track(0.25), 36) });
  expect(play.state.values.sea).toBe(25);
  for (const share of [0.3, 0.52]) {
    const spot = dragTest(play.flow, play.state, track(share), 400);
    play.give({ type: 'pointer', device: 'pointer', phase: 'move', spot });
  }
  expect(play.state.values.sea).toBe(50);
  play.give({
    type: 'pointer',
    device: 'pointer',
    phase: 'up',
    spot: dragTest(play.flow, play.state, 4000, 36),
  });
  expect(play.state.values.sea).toBe(100);
  // One announcement for each change, and none where nothing changed.
  expect(play.did('set').map((outcome) => 'to' in outcome && outcome.to)).toEqual([25, 30, 50, 100]);
});

test('a hovered or dragged-over control changes nothing without a press on it', () => {
  const play = new Play(project());
  play.give({ type: 'pointer', device: 'pointer', phase: 'move', spot: at(play, 700, 36) });
  expect(dragTest(play.flow, play.state, 700, 36)).toBeNull();
  expect(play.state.values.sea).toBe(70);
});

test('tabs turn by their actions, by left and right on them, and by a press on one; what they hold follows', () => {
  const tabs = (value?: string): Project =>
    projectOf(
      [
        screenOf('s', {
          elements: [
            like('tabs', 0, {
              type: 'tabs',
              tabs: ['One', 'Two', 'Three'],
              bar: 60,
              place: { x: wide(0, 900), y: wide(0, 600) },
              ...(value ? { value } : {}),
            }),
            ...['a', 'b', 'c'].map((id) => ({ ...buttonOf(id, 100), parent: 'tabs' })),
          ],
        }),
      ],
      [],
      {
        values: [
          { id: 'tab', name: 'tab', section: 'A', life: 'session', type: 'number', min: 0, default: 0 },
        ],
      },
    );
  for (const value of [undefined, 'tab']) {
    const play = new Play(tabs(value));
    const shown = (): string | undefined => at(play, ...middle(play, 'a'))?.element ?? undefined;
    expect(shown()).toBe('a');
    play.key('KeyE');
    expect(shown()).toBe('b');
    play.key('KeyE').key('KeyE').key('KeyE');
    expect(shown()).toBe('c');
    play.key('KeyQ');
    expect(shown()).toBe('b');
    click(play, 100, 30);
    expect(shown()).toBe('a');
    play.state = { ...play.state, base: { ...play.state.base, focus: 'tabs' } };
    // The first direction after a press only shows the focus.
    play.key('ArrowRight').key('ArrowRight');
    expect(shown()).toBe('b');
    // What had the focus and is gone hands it on.
    expect(['tabs', 'b']).toContain(play.focus);
  }
});

test('fourteen rows in an area of 420: the focus is always in view, by keys, wheel, finger and press', () => {
  const area = {
    ...like('area', 0, { type: 'panel', overflow: 'scrolls', arrange: { by: 'column', gap: 24 } }),
    place: { x: wide(100, 800), y: wide(100, 420) },
  } as Element;
  const play = new Play(projectOf([screenOf('s', { elements: [area, ...rows] })], []));
  const inView = (): boolean => {
    const { screen } = play.state.base;
    const { layout } = play.flow.screens.get(screen)!;
    const rect = layout.get(play.focus!)!;
    const hits = [2, 70].map((y) => {
      for (let top = 100; top <= 520; top++) {
        const spot = at(play, rect.x + 140, top);
        if (spot?.element === play.focus && y > 0) return true;
      }
      return false;
    });
    return hits.every(Boolean);
  };
  for (let n = 0; n < 16; n++) {
    expect(inView()).toBe(true);
    play.key('ArrowDown');
  }
  for (let n = 0; n < 16; n++) {
    play.give({ type: 'pad', button: 12, phase: 'down' }, { type: 'pad', button: 12, phase: 'up' });
    expect(inView()).toBe(true);
  }
  const wheel = (y: number, device: 'pointer' | 'touch') => {
    const found = scrollTest(play.flow, play.state, 300, 300)!;
    play.give({ type: 'scroll', device, ...found, x: 0, y });
  };
  wheel(5000, 'pointer');
  click(play, 240, 460);
  expect(play.focus).toBe('row13');
  expect(inView()).toBe(true);
  wheel(-500, 'touch');
  click(play, 240, 300, 'touch');
  expect(inView()).toBe(true);
  wheel(-9000, 'touch');
  expect(play.state.base.scrolled).toEqual({ area: 'area', x: 0, y: 0 });
  expect(scrollTest(play.flow, play.state, 1500, 300)).toBeNull();
});

test('a text entry has the keyboard to itself until it is left; other keys reach nothing meanwhile', () => {
  const play = pressed(new Play(project()), 'entry');
  expect(play.state.inputCapture).toMatchObject({ element: 'entry' });
  play.give({ type: 'text', text: 'Ines 👩‍🚀' }).key('ArrowDown').key('KeyZ');
  expect(play.state.values.name).toBe('Ines 👩‍🚀');
  expect(play.focus).toBe('entry');
  play.key('Enter');
  expect(play.state.inputCapture).toBeNull();
  play.give({ type: 'text', text: 'nobody types' });
  expect(play.state.values.name).toBe('Ines 👩‍🚀');
  play.key('ArrowDown');
  expect(play.focus).toBe('keys');
});

test('typing goes on at the caret: between letters, never in one, and where it is seen', () => {
  const letters = fc.constantFrom('a', 'W', ' ', 'é', 'e\u0301', '👩‍🚀', '🇫🇷', 'ش');
  const places = (text: string): number[] => {
    const starts = Array.from(new Intl.Segmenter().segment(text), ({ index }) => index);
    return [...starts, text.length];
  };
  fc.assert(
    fc.property(
      fc.array(letters, { maxLength: 60 }).map((all) => all.join('')),
      fc.array(fc.tuple(fc.integer({ min: -3, max: 400 }), fc.integer({ min: -3, max: 400 })), {
        minLength: 1,
        maxLength: 4,
      }),
      (text, marks) => {
        const play = pressed(new Play(project()), 'entry');
        for (const [anchor, caret] of marks) {
          play.give({ type: 'text', text, anchor, caret });
          const typed = String(play.state.values.name);
          const { words } = play.state.inputCapture!;
          const before = (at: number): number =>
            places(typed)
              .filter((place) => place <= at)
              .at(-1) ?? 0;
          expect(words).toMatchObject({ anchor: before(anchor), caret: before(caret) });
          const at = caretAt(play);
          const rect = play.flow.screens.get('s')!.layout.get('entry')!;
          expect(at).toBeGreaterThanOrEqual(rect.x);
          expect(at).toBeLessThanOrEqual(rect.x + rect.width);
          // A press where the caret is drawn puts it where it is, if no other place is as near.
          if (words!.moved === 0 && !/[\u0301👩ش]/u.test(typed))
            expect(caretTest(play.flow, play.state, at, rect.y + 20)).toBe(words!.caret);
        }
      },
    ),
    { numRuns: 100 },
  );
});

test('words stay where they are while the caret moves within what is seen, and are let go of from the end', () => {
  const play = pressed(new Play(project()), 'entry');
  const text = 'Wherever the lamp was lit the boats came home';
  const moved = (caret: number) => play.give({ type: 'text', text, caret }).state.inputCapture!.words!.moved;
  const end = moved(text.length);
  expect(end).toBeGreaterThan(100);
  expect(moved(text.length - 4)).toBe(end);
  expect(moved(0)).toBe(0);
  expect(moved(3)).toBe(0);
  expect(moved(text.length)).toBe(end);
  play.give({ type: 'text', text: 'W', caret: 1 });
  expect(play.state.inputCapture!.words!.moved).toBe(0);
});

test('a row for a key takes the next one, refuses one that another action has, or swaps with it', () => {
  const play = pressed(new Play(project()), 'keys');
  play.key('Enter');
  expect(play.did('bound').at(-1)).toMatchObject({ action: 'back', clash: 'confirm' });
  expect(play.state.inputCapture).toMatchObject({ element: 'keys', clash: 'confirm' });
  play.key('KeyB');
  expect(play.state.inputCapture).toBeNull();
  expect(play.state.rebound).toEqual({ back: { keys: ['KeyB', 'Backspace'] } });

  pressed(play, 'swap').key('KeyB');
  expect(play.state.rebound).toEqual({
    back: { keys: ['KeyE', 'Backspace'] },
    next: { keys: ['KeyB', 'PageDown'] },
  });
  pressed(play, 'pad').give({ type: 'pad', button: 3, phase: 'down' });
  expect(play.state.rebound.back).toEqual({ keys: ['KeyE', 'Backspace'], pad: [3] });
  pressed(play, 'usual');
  expect(play.state.rebound).toEqual({});
});

test('a row waits five seconds for a key, and is left by a press elsewhere or the other device', () => {
  const waiting = (): Play => pressed(new Play(project()), 'keys');
  expect(waiting().wait(4999).state.inputCapture).not.toBeNull();
  expect(waiting().wait(5000).state.inputCapture).toBeNull();
  expect(waiting().give({ type: 'pad', button: 3, phase: 'down' }).state.inputCapture).toBeNull();
  expect(pressed(waiting(), 'switch').state.inputCapture).toBeNull();
});

test('a key that was chosen does what the old one did, and the old one does it no more', () => {
  const play = new Play(
    projectOf([screenOf('a'), screenOf('b')], [link('a', down('menu'), 'go', 'b')], { values }),
  );
  play.state = { ...play.state, rebound: { menu: { keys: ['KeyM'] } } };
  play.key('Escape');
  expect(play.up).toEqual(['a']);
  play.key('KeyM');
  expect(play.up).toEqual(['b']);
});

test('what was changed on a screen is taken back to how it was found, or to how it was last kept', () => {
  const play = pressed(new Play(project()), 'switch');
  play.give({ type: 'value', value: 'sea', to: 20, byHand: true });
  pressed(play, 'take');
  expect(play.state.values).toMatchObject({ sub: false, sea: 70 });
  pressed(pressed(play, 'switch'), 'keep');
  play.give({ type: 'value', value: 'sea', to: 20, byHand: true });
  pressed(play, 'take');
  expect(play.state.values).toMatchObject({ sub: true, sea: 70 });
});

test('settings, saved games and chosen keys outlast a run; what lasts for one run does not', () => {
  const play = pressed(new Play(project()), 'switch');
  play.give({ type: 'value', value: 'name', to: 'Ines' });
  pressed(play, 'keys').key('KeyB');
  const kept = keptOf(play.flow, play.state);
  // What nobody chose is not kept.
  expect(kept.values).toEqual({ sub: true });
  const again = begin(compile(project()), JSON.parse(JSON.stringify(kept)) as typeof kept).state;
  expect(again.values).toEqual({ sea: 70, sub: true, name: '' });
  expect(again.rebound).toEqual(play.state.rebound);
});

test('what was chosen stays when defaults change; what nobody chose follows them, in a run and in the next', () => {
  const changed = (): Project => ({
    ...project(),
    values: project().values.map((value) =>
      value.id === 'sea'
        ? { ...value, default: 20 }
        : value.id === 'sub'
          ? { ...value, default: false }
          : value,
    ) as Project['values'],
  });
  const play = pressed(new Play(project()), 'switch');
  const edited = reconcile(compile(changed()), play.state);
  expect(edited.values).toMatchObject({ sea: 20, sub: true });
  expect(validateState(compile(changed()), edited)).toEqual([]);
  const next = begin(compile(changed()), keptOf(play.flow, play.state)).state;
  expect(next.values).toMatchObject({ sea: 20, sub: true });
  // Chosen to be what the default was, it stays that.
  const held = play.give({ type: 'value', value: 'sea', to: 70, byHand: true });
  expect(begin(compile(changed()), keptOf(held.flow, held.state)).state.values.sea).toBe(70);
});

test('a reset, a slot loaded and changes discarded leave chosen only what was', () => {
  const project = projectOf([screenOf('s')], [], {
    values: [
      { id: 'oil', name: 'oil', section: 'Game', life: 'progress', type: 'number', default: 5 },
      { id: 'night', name: 'night', section: 'Game', life: 'progress', type: 'number', default: 1 },
    ],
  });
  const { state, flow } = new Play(project).give({ type: 'value', value: 'oil', to: 7, byHand: true });
  save(flow, state, 'one', () => undefined);
  expect(state.saves.one).toEqual({ values: { oil: 7 }, lists: {} });
  setValue(flow, state, 'night', 3, null, () => undefined);
  load(flow, state, 'one', () => undefined);
  expect([state.values, [...state.chosen]]).toEqual([{ oil: 7, night: 1 }, ['oil']]);
  resetValues(flow, state, {}, 'l', () => undefined);
  expect([state.values, state.chosen]).toEqual([{ oil: 5, night: 1 }, []]);
});

test('gestures set actions off as keys do, move no focus onto the picture, and leave nothing held', () => {
  fc.assert(
    fc.property(fc.constantFrom(...GESTURES), (gesture) => {
      const made = projectOf(
        [screenOf('a', {}, ['x', 'y']), screenOf('b')],
        [link('a', down('menu'), 'go', 'b')],
      );
      made.actions = made.actions.map((action) =>
        action.id === 'menu' ? { ...action, gestures: [gesture] } : action,
      );
      const play = new Play(made).give({ type: 'gesture', gesture });
      expect(play.up).toEqual(['b']);
      expect(play.state.down).toEqual([]);
      expect(['pointer', 'touch']).toContain(play.state.device);
    }),
  );
});

test('an element that lets presses through gives them to what lies beneath, and takes them where nothing does', () => {
  const over = { ...buttonOf('over', 0), through: true } as Element;
  const play = new Play(projectOf([screenOf('s', { elements: [buttonOf('under', 0), over] })], []));
  expect(at(play, ...middle(play, 'over'))?.element).toBe('under');
  const alone = new Play(projectOf([screenOf('s', { elements: [over] })], []));
  expect(at(alone, ...middle(alone, 'over'))?.element).toBe('over');
});

test('while paused no press of a game’s action reaches it; the first after resuming does', () => {
  const made = projectOf(
    [screenOf('watch', { kind: 'play' }), screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['resume'])],
    [link('watch', down('menu'), 'open', 'pause'), link('pause', down('menu'), 'clear')],
  );
  made.actions = [...made.actions, { id: 'lamp', name: 'lamp', keys: ['KeyL'], pad: [] }];
  const play = new Play(made).key('Escape');
  for (let n = 0; n < 10; n++) play.key('KeyL');
  expect(play.did('to game')).toEqual([]);
  play.key('Escape').key('KeyL');
  expect(play.did('to game')).toMatchObject([{ phase: 'down' }, { phase: 'up' }]);
});

test('a timer goes on while a row waits for its key', () => {
  const made = project();
  made.screens = [...made.screens, screenOf('later')];
  made.links = [...made.links, link('s', after('2 s'), 'go', 'later')];
  const play = pressed(new Play(made), 'keys').wait(2000);
  expect(play.up).toEqual(['later']);
  expect(play.key('KeyB').state.rebound).toEqual({});
});

test('a drag moves the slider it began on and no other, and only where it says how far along', () => {
  const play = new Play(project());
  play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot: at(play, 400, 30) });
  const begun = play.state.values.sea;
  const { serial } = play.state.base;
  const move = (spot: { element: string; share?: number } | null) =>
    play.give({ type: 'pointer', device: 'pointer', phase: 'move', spot: spot && { serial, ...spot } }).state
      .values.sea;
  expect(move({ element: 'slider' })).toBe(begun);
  expect(move({ element: 'switch', share: 0.9 })).toBe(begun);
  expect(move(null)).toBe(begun);
  expect(move({ element: 'slider', share: 0.9 })).toBe(90);
});
