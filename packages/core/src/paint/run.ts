import type { CompiledScreen, Flow, TextPart } from '../compile';
import { scalarWords, type Id, type Project } from '../model';
import { AT_REST, type Sample } from '../motion';
import {
  allUp,
  focusShown,
  reachable,
  sampleInstance,
  samplePicture,
  type RunState,
  type Scalars,
} from '../run';
import type { Item } from './items';
import { NORMAL, paintScreen, type Looks, type ScreenPicture } from './screen';

const RANK = { base: 0, companion: 1, notice: 2, overlay: 3 } as const;
const OVER_ALL = 4;

const rankOf = (layer: keyof typeof RANK, screen: CompiledScreen): number =>
  screen.notice?.everything ? OVER_ALL : RANK[layer];

/** The picture of a run at the time its state stands at. The same state always gives the same list. */
export function paintRun(flow: Flow, state: RunState): Item[] {
  const { width, height } = flow.project.design;
  const shown: Shown[] = [];
  const words = (screen: CompiledScreen, args: Scalars): Words => wordsOf(screen, state, args);
  for (const leaving of state.leaving) {
    const screen = flow.screens.get(leaving.screen);
    if (!screen) continue;
    const looks: Looks = { ...NORMAL, focus: focusShown(state) ? leaving.focus : null };
    shown.push({
      rank: rankOf(leaving.layer, screen),
      serial: leaving.serial,
      lift: stackLift(flow, leaving),
      sample: samplePicture(leaving, state.now),
      picture: pictureOf(flow.project, screen, { ...looks, ...words(screen, leaving.args) }),
    });
  }
  // Only one thing on the screen has the focus: the topmost that can take a press.
  const holder = focusShown(state) ? reachable(flow, state).find((level) => level.focus !== null) : undefined;
  for (const instance of allUp(state)) {
    const sample = sampleInstance(instance, state.now);
    if (!sample) continue;
    const mine = (spot: RunState['hover']) => (spot?.serial === instance.serial ? spot.element : null);
    const looks = {
      focus: instance === holder ? instance.focus : null,
      hovered: mine(state.hover),
      pressed: mine(state.pressed),
    };
    const screen = flow.screens.get(instance.screen)!;
    shown.push({
      rank: rankOf(instance.layer, screen),
      serial: instance.serial,
      lift: stackLift(flow, instance),
      sample,
      picture: pictureOf(flow.project, screen, { ...looks, ...words(screen, instance.args) }),
    });
  }
  shown.sort((a, b) => a.rank - b.rank || a.serial - b.serial);
  return shown.map(({ picture, sample, lift }) => moved(picture, sample, width, height, lift));
}

interface Shown {
  rank: number;
  serial: number;
  /** Design pixels it stands lower than designed, on a stack of its like. */
  lift: number;
  sample: Sample;
  picture: ScreenPicture;
}

/** What an instance's own texts and pictures say: its parameters, and the values as they are now. */
type Words = Pick<Looks, 'texts' | 'assets' | 'device'>;

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
  for (const element of screen.screen.elements) {
    const given = element.type === 'picture' && element.from !== undefined ? args[element.from] : undefined;
    if (typeof given === 'string' && given !== '') assets[element.id] = given;
  }
  return { texts, assets, device: state.device === 'pad' ? 'pad' : 'keys' };
}

/** Notices of one sort that stack up stand beside one another, away from the nearer edge of the frame. */
export function stackLift(flow: Flow, { screen, slot }: { screen: Id; slot: number }): number {
  const rects = slot === 0 ? [] : [...flow.screens.get(screen)!.layout.values()];
  if (rects.length === 0) return 0;
  const top = Math.min(...rects.map((rect) => rect.y));
  const bottom = Math.max(...rects.map((rect) => rect.y + rect.height));
  const by = slot * (bottom - top + 16);
  return (top + bottom) / 2 > flow.project.design.height / 2 ? -by : by;
}

/** A screen by itself at rest, with the focus it arrives with when `focused`. The same list as long as nothing has changed. */
export function paintStill(flow: Flow, screen: CompiledScreen, focused: boolean): Item[] {
  const focus = focused ? (screen.firstFocus ?? screen.focus.order[0] ?? null) : null;
  const texts: Record<Id, string> = {};
  for (const [element, parts] of screen.texts)
    texts[element] = parts.map((part) => stillWords(flow, screen, part)).join('');
  return pictureOf(flow.project, screen, { ...NORMAL, focus, texts }).all;
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

const takesPictures = ({ screen }: CompiledScreen): boolean =>
  screen.elements.some((element) => element.type === 'picture' && element.from !== undefined);

/** Pictures of screens at rest, kept while screen and project's looks are the same objects. */
const kept = new WeakMap<
  CompiledScreen,
  { styles: unknown; assets: unknown; pictures: Map<string, ScreenPicture> }
>();

function pictureOf(project: Project, screen: CompiledScreen, looks: Looks): ScreenPicture {
  let known = kept.get(screen);
  if (!known || known.styles !== project.styles || known.assets !== project.assets) {
    known = { styles: project.styles, assets: project.assets, pictures: new Map() };
    kept.set(screen, known);
  }
  const said = screen.texts.size > 0 || screen.shortcuts.length > 0 || takesPictures(screen);
  const key = `${looks.focus}|${looks.hovered}|${looks.pressed}${said ? `|${JSON.stringify([looks.texts, looks.assets, looks.device])}` : ''}`;
  if (known.pictures.size > MOST_KEPT) known.pictures.clear();
  let picture = known.pictures.get(key);
  if (!picture) known.pictures.set(key, (picture = paintScreen(project, screen, looks)));
  return picture;
}
