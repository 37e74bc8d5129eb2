import type { CompiledScreen, Flow } from '../compile';
import type { Project } from '../model';
import { AT_REST, type Sample } from '../motion';
import { allUp, focusShown, reachable, sampleInstance, samplePicture, type RunState } from '../run';
import type { Item } from './items';
import { NORMAL, paintScreen, type Looks, type ScreenPicture } from './screen';

const RANK = { base: 0, notice: 1, overlay: 2 } as const;

/** The picture of a run at the time its state stands at. The same state always gives the same list. */
export function paintRun(flow: Flow, state: RunState): Item[] {
  const { width, height } = flow.project.design;
  const shown: { rank: number; serial: number; sample: Sample; picture: ScreenPicture }[] = [];
  for (const leaving of state.leaving) {
    const screen = flow.screens.get(leaving.screen);
    if (!screen) continue;
    const looks: Looks = { ...NORMAL, focus: focusShown(state) ? leaving.focus : null };
    shown.push({
      rank: RANK[leaving.layer],
      serial: leaving.serial,
      sample: samplePicture(leaving, state.now),
      picture: pictureOf(flow.project, screen, looks),
    });
  }
  // Only one thing on the screen has the focus: the topmost that can take a press.
  const holder = focusShown(state) ? reachable(flow, state).find((level) => level.focus !== null) : undefined;
  for (const instance of allUp(state)) {
    const sample = sampleInstance(instance, state.now);
    if (!sample) continue;
    const mine = (spot: RunState['hover']) => (spot?.serial === instance.serial ? spot.element : null);
    const looks: Looks = {
      focus: instance === holder ? instance.focus : null,
      hovered: mine(state.hover),
      pressed: mine(state.pressed),
    };
    shown.push({
      rank: RANK[instance.layer],
      serial: instance.serial,
      sample,
      picture: pictureOf(flow.project, flow.screens.get(instance.screen)!, looks),
    });
  }
  shown.sort((a, b) => a.rank - b.rank || a.serial - b.serial);
  return shown.map(({ picture, sample }) => moved(picture, sample, width, height));
}

/** A screen by itself at rest, with the focus it arrives with when `focused`. The same list as long as nothing has changed. */
export function paintStill(flow: Flow, screen: CompiledScreen, focused: boolean): Item[] {
  const focus = focused ? (screen.firstFocus ?? screen.focus.order[0] ?? null) : null;
  return pictureOf(flow.project, screen, { ...NORMAL, focus }).all;
}

function moved(
  { background, content, all }: ScreenPicture,
  sample: Sample,
  width: number,
  height: number,
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
  return { kind: 'group', id: null, opacity, x: x * width, y: y * height, items };
}

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
  const key = `${looks.focus}|${looks.hovered}|${looks.pressed}`;
  let picture = known.pictures.get(key);
  if (!picture) known.pictures.set(key, (picture = paintScreen(project, screen, looks)));
  return picture;
}
