import { isUsed } from '../focus';
import { playOf, type Role, type Spoken } from '../elements';
import { heldBy } from '../drawing';
import type { CompiledScreen, Flow } from '../compile';
import { withoutMarks } from '../marks';
import type { Element, Id } from '../model';
import { shownOn } from '../paint';
import {
  allUp,
  visibilityOf,
  isCovered,
  type Instance,
  type RunState,
  focusSeen,
  talkLooks,
  withRows,
} from '../run';

/**
 * What is up as it is told to somebody who cannot see it: roles and states as WAI-ARIA names them, in reading order.
 */
export interface SpokenScreen {
  serial: number;
  name: string;
  role: 'main' | 'dialog' | 'status' | 'complementary';
  /** A modal screen covers it, so that assistive technology is not told of it. */
  covered: boolean;
  items: SpokenItem[];
}
export interface SpokenItem extends Omit<Spoken, 'role' | 'name'> {
  /** The element's path. */
  id: Id;
  role: Role;
  name: string;
  disabled?: boolean;
  focused?: boolean;
  /** The words of its tooltip. */
  tip?: string;
}
const LAYERS = { base: 'main', overlay: 'dialog', notice: 'status', hud: 'complementary' } as const;

export function accessOf(whole: Flow, state: RunState): SpokenScreen[] {
  const flow = withRows(whole, state);
  const holder = focusSeen(flow, state);
  return allUp(state).map((instance) => {
    const compiled = flow.screens.get(instance.screen)!;
    return {
      serial: instance.serial,
      name: compiled.screen.name,
      role: LAYERS[compiled.layer],
      covered: isCovered(flow, state, instance),
      items: itemsOn(flow, state, instance, compiled, instance === holder),
    };
  });
}

function itemsOn(
  flow: Flow,
  state: RunState,
  instance: Instance,
  compiled: CompiledScreen,
  hasFocus: boolean,
): SpokenItem[] {
  const made = talkLooks(flow, state, instance);
  const { hidden, disabled } = visibilityOf(flow, state, instance, made);
  const shown = shownOn(flow, state, instance, made);
  const said = (element: Element): string =>
    'text' in element ? withoutMarks(shown.texts[element.id] ?? element.text) : '';
  const seen = inReadingOrder(compiled).filter(({ id }) => !hidden.includes(id));
  let headed = false;
  return seen.flatMap((element): SpokenItem[] => {
    const row = compiled.rows.get(element.id);
    // What a row says is told with the row.
    if (row && element.id !== row.path && !isUsed(element)) return [];
    if (row?.path === element.id) {
      const words = seen.filter((each) => compiled.rows.get(each.id) === row && !isUsed(each)).map(said);
      const name = [`${row.at + 1} of ${row.count}`, ...words.filter((each) => each.trim() !== '')].join(
        ', ',
      );
      const item: SpokenItem = { id: element.id, role: isUsed(element) ? 'button' : 'text', name };
      if (disabled.includes(element.id)) item.disabled = true;
      if (hasFocus && instance.focus === element.id) item.focused = true;
      return [item];
    }
    const tooltip = shown.tooltips[element.id];
    const tip = tooltip === undefined ? undefined : withoutMarks(tooltip);
    const { speak } = playOf(element);
    const role = speak?.role;
    // An element without a name of its own is named by its tooltip.
    if (!role) return tip === undefined ? [] : [{ id: element.id, role: 'text', name: tip }];
    const words = said(element);
    const held = heldBy(flow.project, element, shown.holds);
    const item: SpokenItem = { id: element.id, role, name: words === '' ? element.name : words };
    if (role === 'text' && words.trim() === '') return [];
    if (tip !== undefined) item.tip = tip;
    if (disabled.includes(element.id)) item.disabled = true;
    if (hasFocus && instance.focus === element.id) item.focused = true;
    const now = {
      project: flow.project,
      held,
      said: words,
      first: !headed,
      rows: shown.rows[element.id],
      waits: shown.taking?.element === element.id,
      code: 'action' in element ? shown.codeWords(element) : '',
    };
    Object.assign(item, speak?.tell?.(element, now));
    headed ||= item.role === 'heading';
    return [item];
  });
}

/**
 * Elements from top to bottom and left to right, what holds others before what it holds; what can have the focus in the order that is set
 * for it.
 */
export function inReadingOrder({ tree, layout, focus, screen }: CompiledScreen): Element[] {
  const found: Element[] = [];
  const add = (parent: Id | null): void => {
    const held = [...(tree.get(parent) ?? [])].sort((a, b) => {
      const [at, to] = [layout.get(a.id)!, layout.get(b.id)!];
      return at.y - to.y || at.x - to.x;
    });
    for (const element of held) {
      found.push(element);
      add(element.id);
    }
  };
  add(null);
  if (!screen.focus?.order) return found;
  const byId = new Map(found.map((element) => [element.id, element]));
  const turns = focus.order.map((id) => byId.get(id)!).filter(Boolean);
  const used = new Set(focus.order);
  return found.map((element) => (used.has(element.id) ? turns.shift()! : element));
}
