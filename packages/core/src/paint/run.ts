import type { CompiledScreen, Flow, TextPart } from '../compile';
import { scalarWords, type Id, type Scalar } from '../model';
import { AT_REST, type Sample } from '../motion';
import {
  allUp,
  awayOn,
  focusShown,
  reachable,
  sampleInstance,
  samplePicture,
  type RunState,
  type Scalars,
} from '../run';
import { group, type Item } from './items';
import { NORMAL, paintScreen, type Looks, type ScreenPicture } from './screen';

const RANK = { base: 0, companion: 1, notice: 2, overlay: 3 } as const;
const OVER_ALL = 4;

const rankOf = (layer: keyof typeof RANK, screen: CompiledScreen): number =>
  screen.notice?.everything ? OVER_ALL : RANK[layer];

/**
 * The picture of a run at the time its state stands at. The same state always gives the same list. `veiled` leaves out
 * what is hidden while editing.
 */
export function paintRun(flow: Flow, state: RunState, veiled = false): Item[] {
  const { width, height } = flow.frame;
  const shown: Shown[] = [];
  for (const leaving of state.leaving) {
    const screen = flow.screens.get(leaving.screen);
    if (!screen) continue;
    const focus = focusShown(state) ? leaving.focus : null;
    const looks: Looks = { ...NORMAL, focus, ...wordsOf(screen, state, leaving.args) };
    shown.push({
      rank: rankOf(leaving.layer, screen),
      serial: leaving.serial,
      lift: stackLift(flow, leaving),
      sample: samplePicture(leaving, state.now),
      blur: screen.screen.background.blur ?? 0,
      picture: pictureOf(flow, screen, veiled ? withVeils(screen, looks) : looks),
    });
  }
  // Only one thing on the screen has the focus: the topmost that can take a press.
  const holder = focusShown(state) ? reachable(flow, state).find((level) => level.focus !== null) : undefined;
  for (const instance of allUp(state)) {
    const sample = sampleInstance(instance, state.now);
    if (!sample) continue;
    const mine = (spot: RunState['hover']) => (spot?.serial === instance.serial ? spot.element : null);
    const screen = flow.screens.get(instance.screen)!;
    const looks: Looks = {
      focus: instance === holder ? instance.focus : null,
      scrollTo: screen.scrolls ? instance.focus : null,
      hovered: mine(state.hover),
      pressed: mine(state.pressed),
      ...awayOn(flow, state, instance),
      ...wordsOf(screen, state, instance.args),
    };
    shown.push({
      rank: rankOf(instance.layer, screen),
      serial: instance.serial,
      lift: stackLift(flow, instance),
      sample,
      blur: screen.screen.background.blur ?? 0,
      picture: pictureOf(flow, screen, veiled ? withVeils(screen, looks) : looks),
    });
  }
  shown.sort((a, b) => a.rank - b.rank || a.serial - b.serial);
  let items: Item[] = [];
  for (const { picture, sample, lift, blur } of shown) {
    // Blur is of everything beneath, as one, and comes with its screen.
    const softness = blur * presenceOf(sample);
    if (softness > 0 && items.length > 0) items = [group(items, { blur: softness })];
    items.push(moved(picture, sample, width, height, lift));
  }
  return items;
}

function withVeils({ elements }: CompiledScreen, looks: Looks): Looks {
  const veiled = elements.filter((element) => element.editing?.hidden).map((element) => element.id);
  return veiled.length === 0 ? looks : { ...looks, hidden: [...looks.hidden, ...veiled] };
}

/** How much of a screen has come: all of it at rest, none of it gone or away beside the frame. */
const presenceOf = ({ opacity, background, x, y }: Sample): number =>
  opacity * background * Math.max(0, 1 - Math.hypot(x, y));

interface Shown {
  rank: number;
  serial: number;
  /** Design pixels it stands lower than designed, on a stack of its like. */
  lift: number;
  sample: Sample;
  /** Design pixels of softness it lays over what is beneath. */
  blur: number;
  picture: ScreenPicture;
}

/** What an instance's own texts, pictures and controls show: its parameters, and the values as they are now. */
type Words = Pick<Looks, 'texts' | 'assets' | 'holds' | 'device' | 'grain'>;

function wordsOf(screen: CompiledScreen, state: RunState, args: Scalars): Words {
  const texts: Record<Id, string> = {};
  for (const [element, parts] of screen.texts)
    texts[element] = parts
      .map((part) => {
        if (typeof part === 'string') return part;
        return scalarWords(part.type, part.what === 'value' ? state.values[part.id] : args[part.id]);
      })
      .join('');
  const assets: Record<Id, Id> = {};
  if (screen.parameters.length > 0)
    for (const element of screen.elements) {
      const given = 'from' in element && element.from !== undefined ? args[element.from] : undefined;
      if (typeof given === 'string' && given !== '') assets[element.id] = given;
    }
  const holds: Record<Id, Scalar> = {};
  for (const { element, value } of screen.bound)
    if (state.values[value] !== undefined) holds[element] = state.values[value];
  return {
    texts,
    assets,
    holds,
    device: state.device === 'pad' ? 'pad' : 'keys',
    grain: screen.screen.background.grain?.moves ? Math.floor(state.now / GRAIN) % 12 : 0,
  };
}

/** How long moving grain stands, in microseconds. */
const GRAIN = 83_333;

/** Notices of one sort that stack up stand beside one another, away from the nearer edge of the frame. */
export function stackLift(flow: Flow, { screen, slot }: { screen: Id; slot: number }): number {
  const rects = slot === 0 ? [] : [...flow.screens.get(screen)!.layout.values()];
  if (rects.length === 0) return 0;
  const top = Math.min(...rects.map((rect) => rect.y));
  const bottom = Math.max(...rects.map((rect) => rect.y + rect.height));
  const by = slot * (bottom - top + 16);
  return (top + bottom) / 2 > flow.frame.height / 2 ? -by : by;
}

/** A screen by itself at rest, with the focus it arrives with when `focused`. The same list as long as nothing has changed. */
export function paintStill(flow: Flow, screen: CompiledScreen, focused: boolean): Item[] {
  const focus = focused ? (screen.firstFocus ?? screen.focus.order[0] ?? null) : null;
  const texts: Record<Id, string> = {};
  for (const [element, parts] of screen.texts)
    texts[element] = parts.map((part) => stillWords(flow, screen, part)).join('');
  return pictureOf(flow, screen, { ...NORMAL, focus, texts }).all;
}

/** Where nothing runs, values hold their defaults, and parameters without one are called by name. */
function stillWords(flow: Flow, screen: CompiledScreen, part: TextPart): string {
  if (typeof part === 'string') return part;
  if (part.what === 'value') return scalarWords(part.type, flow.values.get(part.id)?.default);
  const parameter = screen.screen.parameters?.find((each) => each.id === part.id);
  return parameter?.default === undefined
    ? `(${parameter?.name})`
    : scalarWords(part.type, parameter.default);
}

function moved(
  { background, content, all }: ScreenPicture,
  sample: Sample,
  width: number,
  height: number,
  lift: number,
): Item {
  const { opacity, x, y } = sample;
  const still = sample.background === AT_REST.background && sample.contentX === 0 && sample.contentY === 0;
  const items: Item[] = still
    ? all
    : [
        { kind: 'group', id: null, opacity: sample.background, x: 0, y: 0, items: background },
        {
          kind: 'group',
          id: null,
          opacity: 1,
          x: sample.contentX * width,
          y: sample.contentY * height,
          items: content,
        },
      ];
  return { kind: 'group', id: null, opacity, x: x * width, y: y * height + lift, items };
}

/** How many looks of one screen are kept; texts with running numbers make many. */
const MOST_KEPT = 60;

/** Pictures of screens at rest, kept while the screen and what it is drawn with are the same objects. */
const kept = new WeakMap<
  CompiledScreen,
  { made: readonly unknown[]; pictures: Map<string, ScreenPicture> }
>();

function pictureOf(flow: Flow, screen: CompiledScreen, looks: Looks): ScreenPicture {
  const { styles, assets, values, actions } = flow.project;
  const made = [styles, assets, values, actions];
  let known = kept.get(screen);
  if (!known || known.made.some((each, i) => each !== made[i])) {
    known = { made, pictures: new Map() };
    kept.set(screen, known);
  }
  // Most screens show nothing but themselves, with one element in another state.
  const { focus, scrollTo, hovered, pressed, ...rest } = looks;
  const more = saysMore(screen) || rest.hidden.length > 0;
  const key = `${focus}|${scrollTo}|${hovered}|${pressed}|${more ? JSON.stringify(rest) : ''}`;
  if (known.pictures.size > MOST_KEPT) known.pictures.clear();
  let picture = known.pictures.get(key);
  if (!picture) known.pictures.set(key, (picture = paintScreen(flow, screen, looks)));
  return picture;
}

/** Whether a screen looks otherwise by what values hold, what it is told, the device in hand, or by itself. */
const saysMore = ({ screen, texts, shortcuts, bound, conditions, elements }: CompiledScreen): boolean =>
  texts.size + shortcuts.length + bound.length + conditions.length > 0 ||
  screen.background.grain?.moves === true ||
  elements.some((each) => each.type === 'prompt' || each.type === 'tabs' || ('from' in each && each.from));
