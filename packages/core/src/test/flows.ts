import {
  blankProject,
  type Trigger,
  type Effect,
  type Element,
  type Link,
  type LinkKind,
  type Project,
  type Screen,
} from '../model';
import { compile, type Flow } from '../compile';
import { begin, reconcile, step, type Input, type Outcome, type RunState } from '../run';

/** Small projects written down by hand, for tests. */

export function buttonOf(id: string, y: number, text = id): Element {
  return {
    id,
    name: id,
    type: 'button',
    parent: null,
    place: { x: { at: 'centre', offset: 0, size: 280 }, y: { at: 'start', offset: y, size: 72 } },
    text,
    look: { style: 't-button' },
    box: { style: 'b-button' },
  };
}

export function screenOf(id: string, over: Partial<Screen> = {}, buttons: string[] = []): Screen {
  return {
    id,
    name: id,
    kind: 'custom',
    layer: 'base',
    background: { colour: '#102030' },
    elements: buttons.map((button, i) => buttonOf(button, 200 + i * 96)),
    ...over,
  };
}

export function projectOf(screens: Screen[], links: Link[], over: Partial<Project> = {}): Project {
  return {
    ...blankProject('Test'),
    id: 'p-test',
    defaults: { motion: { name: 'none' }, order: 'after', masked: 'ignored' },
    screens,
    links,
    start: screens[0]?.id ?? null,
    ...over,
  };
}

let count = 0;
export function link(
  from: string,
  trigger: Trigger,
  kind: LinkKind,
  to?: string,
  over: Partial<Link> = {},
): Link {
  return {
    id: `l${++count}`,
    from,
    trigger,
    kind,
    ...(to ? { to: { screen: to } } : {}),
    effects: [],
    ...over,
  };
}
export const press = (element: string): Trigger => ({ on: 'press', element });
export const down = (action: string): Trigger => ({ on: 'action', action, when: 'down' });
export const event = (name: string): Trigger => ({ on: 'event', event: name });
export const after = (time: string, over: Partial<Trigger & { on: 'time' }> = {}): Trigger => ({
  on: 'time',
  after: time,
  since: 'taken',
  clock: 'interface',
  covered: 'counts',
  ...over,
});
export const show = (screen: string): Effect => ({ do: 'notice', screen });

/** A run that is driven by hand, with what came of it. */
export class Play {
  flow: Flow;
  state: RunState;
  outcomes: Outcome[];

  constructor(project: Project) {
    this.flow = compile(project);
    const begun = begin(this.flow);
    this.state = begun.state;
    this.outcomes = begun.outcomes;
  }

  give(...inputs: Input[]): this {
    for (const input of inputs) {
      const { state, outcomes } = step(this.flow, this.state, input);
      this.state = state;
      this.outcomes.push(...outcomes);
    }
    return this;
  }
  /** Goes on with the project as an edit leaves it. */
  edit(change: (project: Project) => void): this {
    const project = structuredClone(this.flow.project);
    change(project);
    this.flow = compile(project);
    this.state = reconcile(this.flow, this.state);
    return this;
  }
  wait(ms: number): this {
    return this.give({ type: 'time', pass: ms * 1000 });
  }
  key(code: string, holdMs = 10): this {
    return this.give({ type: 'key', code, phase: 'down' })
      .wait(holdMs)
      .give({ type: 'key', code, phase: 'up' });
  }
  event(event: string): this {
    return this.give({ type: 'event', event });
  }
  /** Base first, then the overlays. */
  get up(): string[] {
    return [this.state.base, ...this.state.overlays].map((instance) => instance.screen);
  }
  get notices(): string[] {
    return this.state.notices.map((notice) => notice.screen);
  }
  get focus(): string | null {
    return (this.state.overlays.at(-1) ?? this.state.base).focus;
  }
  /** Outcomes of one sort. */
  did<D extends Outcome['did']>(what: D): (Outcome & { did: D })[] {
    return this.outcomes.filter((outcome): outcome is Outcome & { did: D } => outcome.did === what);
  }
}

/** Title, options, the watch, pause, lamp out: the flow most rules are told with. */
export function lighthouse(over: Partial<Project> = {}): Project {
  return projectOf(
    [
      screenOf('title', { kind: 'title' }, ['begin', 'options']),
      screenOf('watch', { kind: 'play' }),
      screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['resume', 'settings', 'leave']),
      screenOf('opts', { kind: 'options', layer: 'overlay' }, ['sound', 'done']),
      screenOf('out', { kind: 'game over' }),
      screenOf('found', { layer: 'notice', lasts: '1.6 s' }),
    ],
    [
      link('title', press('begin'), 'go', 'watch'),
      link('title', press('options'), 'open', 'opts'),
      link('watch', down('menu'), 'open', 'pause'),
      link('watch', event('gone'), 'go', 'out'),
      link('watch', event('oil'), 'stay', undefined, { effects: [show('found')] }),
      link('pause', down('menu'), 'back'),
      link('pause', press('resume'), 'back'),
      link('pause', press('settings'), 'open', 'opts'),
      link('pause', press('leave'), 'go', 'title'),
      link('opts', press('done'), 'back'),
      link('opts', down('back'), 'back'),
      link('out', after('2.5 s'), 'go', 'title'),
    ],
    over,
  );
}
