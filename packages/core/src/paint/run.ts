import { playOf } from '../elements';
import { group, type Item, NORMAL, type RenderState } from '../drawing';
import type { CompiledScreen, Flow } from '../compile';
import { codeFor } from '../keys';
import { sayParts, type TextPart } from '../message';
import { type Id, withId } from '../model';
import type { Sample } from '../motion';
import {
  allUp,
  visibilityOf,
  beginTalk,
  firstState,
  focusShown,
  sampleInstance,
  samplePicture,
  secondsLeft,
  talkLooks,
  withRows,
  withSamples,
  type Instance,
  type Leaving,
  type RunState,
  focusSeen,
} from '../run';
import { applyTransform, poseOf, posesOf, standsStill, withPoses, type Pose } from './pose';
import { resolveContent } from './content';
import { paintScreen, type ScreenPicture } from './screen';
import { roundAll, stackLift } from './stack';
import { tooltipNow } from './tooltip';

const RANK = { base: 0, hud: 1, notice: 2, overlay: 3 } as const;
const OVER_ALL = 4;

const rankOf = (layer: keyof typeof RANK, screen: CompiledScreen): number =>
  screen.notice?.everything ? OVER_ALL : RANK[layer];

/**
 * The picture of a run at the time its state stands at. The same state always gives the same list. `veiled` leaves out
 * what is hidden while editing.
 */
export function paintRun(whole: Flow, state: RunState, veiled = false): Item[] {
  const flow = withRows(whole, state);
  const shown: Shown[] = [];
  const add = (thing: Instance | Leaving, sample: Sample, looks: RenderState): void => {
    const screen = flow.screens.get(thing.screen)!;
    shown.push({
      rank: rankOf(thing.layer, screen),
      serial: thing.serial,
      lift: stackLift(flow, thing),
      sample,
      poses: posesOf(flow, screen, thing, sample, state.now),
      blur: screen.screen.background.blur ?? 0,
      screen,
      picture: pictureOf(flow, screen, veiled ? withVeils(screen, looks) : looks),
    });
  };
  for (const leaving of state.leaving) {
    const screen = flow.screens.get(leaving.screen);
    if (!screen) continue;
    const focus = focusShown(state) ? leaving.focus : null;
    const { hidden, disabled } = leaving.away;
    const said = talkLooks(flow, state, leaving);
    const looks: RenderState = {
      ...NORMAL,
      focus,
      hidden: [...hidden, ...said.hidden],
      disabled,
      ...resolveContent(flow, screen, state, leaving, said),
    };
    add(leaving, samplePicture(leaving, state.now), looks);
  }
  const holder = focusSeen(flow, state);
  for (const instance of allUp(state)) {
    const sample = sampleInstance(instance, state.now);
    if (!sample) continue;
    const mine = (spot: RunState['hover']) => (spot?.serial === instance.serial ? spot.element : null);
    const screen = flow.screens.get(instance.screen)!;
    const said = talkLooks(flow, state, instance);
    add(instance, sample, {
      focus: instance === holder ? instance.focus : null,
      scrollTo: screen.scrolls ? instance.focus : null,
      scrolled: instance.scrolled,
      hovered: mine(state.hover),
      pressed: pressedOn(state, instance.serial),
      thumbs: thumbsOn(state, instance.serial),
      // While editing, what is there only for touch is there.
      ...visibilityOf(flow, veiled ? { ...state, device: 'touch' } : state, instance, said),
      ...resolveContent(flow, screen, state, instance, said),
    });
  }
  shown.sort((a, b) => a.rank - b.rank || a.serial - b.serial);
  let items: Item[] = [];
  for (const item of shown) {
    // Blur is of everything beneath, as one, and comes with its screen.
    const softness = item.blur * presenceOf(item.sample);
    if (softness > 0 && items.length > 0) items = [group(items, { blur: softness })];
    items.push(moved(flow, item.screen, item.picture, item));
  }
  items.push(...tooltipNow(flow, state));
  return items;
}

/** What is held or pressed on something that is up. */
function pressedOn({ pressed, touches }: RunState, serial: number): Id[] {
  return [pressed, ...touches.map(({ spot }) => spot)].flatMap((spot) =>
    spot?.serial === serial && spot.element !== null ? [spot.element] : [],
  );
}

function thumbsOn({ touches }: RunState, serial: number): RenderState['thumbs'] {
  if (touches.length === 0) return NORMAL.thumbs;
  return Object.fromEntries(
    touches.flatMap(({ spot, from, at }) =>
      spot.serial === serial && spot.element !== null ? [[spot.element, { from, at }]] : [],
    ),
  );
}

function withVeils({ elements }: CompiledScreen, looks: RenderState): RenderState {
  const veiled = elements.filter((element) => element.editing?.hidden).map((element) => element.id);
  return veiled.length === 0 ? looks : { ...looks, hidden: [...looks.hidden, ...veiled] };
}

/** How much of a screen is in view: 1 at rest, 0 when it is transparent or outside the frame. */
const presenceOf = (sample: Sample): number =>
  (sample['screen opacity'] ?? 1) *
  (sample['background opacity'] ?? 1) *
  Math.max(0, 1 - Math.hypot(sample['screen across'] ?? 0, sample['screen down'] ?? 0));

interface Shown {
  rank: number;
  serial: number;
  /** Design pixels it stands lower than designed, on a stack of its like. */
  lift: number;
  sample: Sample;
  /** How its elements are drawn, those that are not as at rest. */
  poses: ReadonlyMap<Id, Pose>;
  screen: CompiledScreen;
  /** Design pixels of softness it lays over what is beneath. */
  blur: number;
  picture: ScreenPicture;
}

/**
 * A screen by itself at rest, with the focus it arrives with when `focused`. The same list as long as nothing has
 * changed.
 */
export function paintStill(flow: Flow, bare: CompiledScreen, focused: boolean): Item[] {
  const opening = openingOf(flow, bare);
  if (opening) return opening;
  const screen = bare.lists.length > 0 ? withSamples(flow, firstState(flow), bare) : bare;
  const focus = focused ? (screen.firstFocus ?? screen.focus.order[0] ?? null) : null;
  const texts: Record<Id, string> = {};
  for (const [element, parts] of screen.texts) texts[element] = stillWords(flow, screen, parts);
  const assets: Record<Id, Id> = {};
  for (const { element, from } of screen.pictured) {
    const held = withId(screen.screen.parameters, from)?.default ?? flow.values.get(from)?.default;
    if (typeof held === 'string' && held !== '') assets[element] = held;
  }
  return pictureOf(flow, screen, { ...NORMAL, focus, texts, assets }).all;
}

/** A dialogue screen is seen with the first line it says. */
function openingOf(flow: Flow, screen: CompiledScreen): Item[] | null {
  const talk = screen.says === null ? undefined : flow.talks.get(screen.says);
  const line = talk?.ops.find((op) => op.op === 'line');
  return line ? paintLine(flow, screen, screen.says!, line.key) : null;
}

/** A line of a conversation on its screen, all of it there; null where that has none, or there is no such line. */
export function paintLine(flow: Flow, screen: CompiledScreen, conversation: Id, key: string): Item[] | null {
  const talk = beginTalk(flow, conversation);
  const at = flow.talks.get(conversation)?.at.get(key);
  const op = at === undefined ? undefined : flow.talks.get(conversation)!.ops[at];
  if (!talk || at === undefined || op?.key !== key) return null;
  const state = firstState(flow);
  const said: Instance = { ...state.base, screen: screen.id, layer: screen.layer, args: {}, timers: {} };
  said.talk = { ...talk, at, key, full: 0 };
  const made = talkLooks(flow, state, said);
  return pictureOf(flow, screen, {
    ...NORMAL,
    ...resolveContent(flow, screen, state, said, made),
    hidden: made.hidden,
  }).all;
}

/** Where nothing runs, values hold their defaults, and parameters without one are called by name. */
export function stillWords(flow: Flow, screen: CompiledScreen, parts: readonly TextPart[]): string {
  const asked = (id: Id) => withId(screen.screen.parameters, id);
  const known = parts.map((part) =>
    typeof part !== 'string' && part.what === 'parameter' && asked(part.id)?.default === undefined
      ? `(${asked(part.id)?.name})`
      : part,
  );
  return sayParts(known, {
    named: ({ what, id }) => {
      if (what === 'left') return secondsLeft(flow.links.get(id)?.after ?? 0);
      return what === 'value' ? flow.values.get(id)?.default : asked(id)?.default;
    },
    code: (action) => codeFor(action, NORMAL),
  });
}

/** A screen's picture as a transition and its own animations have it. */
function moved(
  flow: Flow,
  screen: CompiledScreen,
  { background, content, pieces, all }: ScreenPicture,
  { sample, poses, lift }: Pick<Shown, 'sample' | 'poses' | 'lift'>,
): Item {
  const { frame } = flow;
  const whole = { x: 0, y: 0, ...frame };
  const behind = poseOf(sample, 'background', frame);
  const lying = poseOf(sample, 'content', frame);
  let items = all;
  if (behind || lying || poses.size > 0) {
    const own =
      poses.size === 0
        ? content
        : pieces.flatMap(({ id, rect, items: piece }) => {
            const pose = poses.get(id);
            const inner = withPoses(piece, poses);
            return pose && !standsStill(pose) && inner.length > 0
              ? [applyTransform(inner, pose, rect)]
              : inner;
          });
    items = [
      ...(behind ? [applyTransform(background, behind, whole)] : background),
      ...(lying ? [applyTransform(own, lying, roundAll(screen) ?? whole)] : own),
    ];
  }
  const pose = poseOf(sample, 'screen', frame);
  if (!pose) return group(items, { y: lift });
  const drawn = applyTransform(items, pose, whole);
  return { ...drawn, y: drawn.y + lift };
}

/** How many looks of one screen are kept; texts with running numbers make many. */
const MAX_KEPT = 60;

/** Pictures of screens at rest, kept while the screen and what it is drawn with are the same objects. */
const kept = new WeakMap<
  CompiledScreen,
  { made: readonly unknown[]; pictures: Map<string, ScreenPicture> }
>();

function pictureOf(flow: Flow, screen: CompiledScreen, looks: RenderState): ScreenPicture {
  const { styles, assets, values, actions } = flow.project;
  const made = [styles, assets, values, actions];
  let known = kept.get(screen);
  if (!known || known.made.some((item, i) => item !== made[i])) {
    known = { made, pictures: new Map() };
    kept.set(screen, known);
  }
  // Most screens differ from their picture at rest by the state of one element only.
  const { focus, scrollTo, scrolled, hovered, pressed, ...rest } = looks;
  const more = saysMore(screen) || rest.hidden.length > 0 || isSaying(rest) || isGoing(rest);
  const key = `${focus}|${scrollTo}|${scrolled ? JSON.stringify(scrolled) : ''}|${hovered}|${pressed}|${more ? JSON.stringify(rest) : ''}`;
  if (known.pictures.size > MAX_KEPT) known.pictures.clear();
  let picture = known.pictures.get(key);
  if (!picture) known.pictures.set(key, (picture = paintScreen(flow, screen, looks)));
  return picture;
}

/** Whether anything on it is between two looks, or is pushed by a thumb. */
const isGoing = ({ faces, thumbs }: Pick<RenderState, 'faces' | 'thumbs'>): boolean => {
  for (const _ in faces) return true;
  for (const _ in thumbs) return true;
  return false;
};

/** Whether a conversation says anything on it. */
const isSaying = ({ texts, assets, rows }: Pick<RenderState, 'texts' | 'assets' | 'rows'>): boolean => {
  for (const _ in texts) return true;
  for (const _ in assets) return true;
  for (const _ in rows) return true;
  return false;
};

/** Whether a screen looks otherwise by what values hold, what it is told, the device in hand, or by itself. */
const saysMore = ({
  screen,
  texts,
  shortcuts,
  bound,
  conditions,
  elements,
  frames,
  progresses,
  timers,
}: CompiledScreen): boolean =>
  texts.size +
    shortcuts.length +
    bound.length +
    conditions.length +
    frames.length +
    progresses.length +
    timers.length >
    0 ||
  screen.background.grain?.moves === true ||
  elements.some((element) => playOf(element).changes || ('from' in element && element.from));
