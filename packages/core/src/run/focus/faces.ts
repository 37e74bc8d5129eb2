import type { Flow } from '../../compile';
import { STATES, type Id, type StateName } from '../../model';
import { allUp, focusSeen, screenOf, type Instance, type Leaving, type RunState } from '../state';
import { visibilityOf } from './visibility';

/** Elements that take their time from the look of one state to that of another. */

/** Notes what has come to be in other states. `atOnce`: it looks so at once, since an edit has made it so. */
export function syncFaces(flow: Flow, state: RunState, atOnce = false): void {
  let holder: Instance | null | undefined;
  for (const instance of allUp(state)) {
    const { fading } = screenOf(flow, instance);
    if (fading.length === 0) continue;
    if (holder === undefined) holder = focusSeen(flow, state) ?? null;
    const { disabled } = visibilityOf(flow, state, instance);
    const focus = instance === holder ? instance.focus : null;
    for (const { element, takes } of fading) {
      const now = statesOf(state, instance, element, focus, disabled);
      const run = instance.faces[element];
      if (run && isSame(run.now, now)) continue;
      const turned = run && !atOnce ? { was: run.now, now, at: startOf(run, now, takes, state.now) } : null;
      instance.faces = { ...instance.faces, [element]: turned ?? { was: now, now, at: 0 } };
    }
  }
}

/** What is on its way from the look of some states to that of others, and how far, 0 to 1; nothing that is there. */
export function facesAt(
  fading: readonly { element: Id; takes: number }[],
  { faces }: Pick<Instance | Leaving, 'faces'>,
  now: number,
): Record<Id, { was: readonly StateName[]; p: number }> {
  const going: ReturnType<typeof facesAt> = {};
  for (const { element, takes } of fading) {
    const run = faces[element];
    if (!run || isSame(run.was, run.now) || now - run.at >= takes) continue;
    going[element] = { was: run.was, p: (now - run.at) / takes };
  }
  return going;
}

/** What turns round on its way needs as long back as it had come. */
function startOf(
  { was, at }: Instance['faces'][Id],
  now: readonly StateName[],
  takes: number,
  time: number,
): number {
  return isSame(was, now) ? time - Math.max(0, takes - (time - at)) : time;
}

function statesOf(
  { hover, pressed, touches }: RunState,
  { serial }: Instance,
  element: Id,
  focus: Id | null,
  disabled: readonly Id[],
): StateName[] {
  if (disabled.includes(element)) return ['disabled'];
  const on = (spot: RunState['hover']): boolean => spot?.serial === serial && spot.element === element;
  const has: Partial<Record<StateName, boolean>> = {
    hovered: on(hover),
    focused: focus === element,
    pressed: on(pressed) || touches.some(({ spot }) => on(spot)),
  };
  return STATES.filter((name) => has[name]);
}

const isSame = (a: readonly StateName[], b: readonly StateName[]): boolean =>
  a.length === b.length && a.every((name, i) => name === b[i]);
