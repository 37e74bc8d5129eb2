import type { CompiledScreen } from '@tavu/core/compile';
import { choose, edit, addElement, TOOLS, setView, useView } from '../store';
import { isKeying, keyedTurn } from './keying';
import { letGo } from '../run';
import { moved, putRects, type Reached } from './reach';

type Key = Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey' | 'altKey'>;

const STEPS: Record<string, { x: number; y: number }> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** What a key does to what is chosen on the held picture. Returns whether it did anything. */
export function editingKey(
  event: Key,
  compiled: CompiledScreen,
  all: readonly Reached[],
  typeOver: () => void,
): boolean {
  const { key } = event;
  const control = event.ctrlKey || event.metaKey;
  const step = STEPS[key];
  if (step && all.length > 0 && !event.altKey) {
    const by = event.shiftKey ? useView.getState().grid : 1;
    if (control) resizeBy(compiled, all, step.x * by, step.y * by);
    else moveBy(compiled, all, step.x * by, step.y * by);
    return true;
  }
  if (key === 'Escape') return stepOut(all);
  if (key === 'Enter') {
    if (all[0]?.element.type === 'component') return stepIn(compiled, all[0]);
    typeOver();
    return all.length > 0;
  }
  if (key === '[' || key === ']') return chooseNext(compiled, all[0], key === ']' ? 1 : -1);
  if (key === 'Delete' || key === 'Backspace') return remove(compiled, all);
  if (key === 'PageUp' || key === 'PageDown') return order(compiled, all, key === 'PageUp' ? 1 : -1);
  if (control && key.toLowerCase() === 'a') {
    const [element = null, ...also] = (compiled.tree.get(null) ?? []).map((item) => item.id);
    choose({ screen: compiled.id, element, also });
    return true;
  }
  if (control && key.toLowerCase() === 'd') return duplicate(compiled, all);
  if (control || event.altKey) return false;
  if (key === '.' || key === ',') return turn(compiled, all, key === '.' ? 15 : -15);
  if (event.shiftKey && key === 'H') return flag(compiled, all, 'hidden');
  if (event.shiftKey && key === 'L') return flag(compiled, all, 'locked');
  const tool = event.shiftKey ? undefined : TOOLS.find(([, letter]) => letter === key.toUpperCase());
  if (!tool) return false;
  addElement(compiled.id, tool[0]);
  return true;
}

function moveBy(compiled: CompiledScreen, all: readonly Reached[], x: number, y: number): void {
  const key = `nudge ${all.map((reached) => reached.path).join()}`;
  putRects(
    compiled,
    all.map((reached) => ({ reached, to: moved(reached.rect, x, y) })),
    key,
  );
}

function resizeBy(compiled: CompiledScreen, all: readonly Reached[], x: number, y: number): void {
  const moves = all.map((reached) => {
    const { rect } = reached;
    const to = { ...rect, width: Math.max(1, rect.width + x), height: Math.max(1, rect.height + y) };
    return { reached, to };
  });
  putRects(compiled, moves, `resize ${all.map((reached) => reached.path).join()}`);
}

/** Out of a component to where it is placed, then to nothing, then back to the run. */
function stepOut(all: readonly Reached[]): boolean {
  if (useView.getState().tool) {
    setView({ tool: null });
    return true;
  }
  const path = all[0]?.path;
  if (path?.includes('/')) choose({ element: path.slice(0, path.lastIndexOf('/')) });
  else if (path !== undefined) choose({ element: null });
  else letGo();
  return true;
}

function stepIn(compiled: CompiledScreen, { path }: Reached): boolean {
  const [inner] = compiled.tree.get(path) ?? [];
  if (inner) choose({ element: inner.id });
  return inner !== undefined;
}

/** Through the elements in drawing order, within the same component. */
function chooseNext(compiled: CompiledScreen, now: Reached | undefined, by: 1 | -1): boolean {
  const within = now?.path.includes('/') ? now.path.slice(0, now.path.lastIndexOf('/') + 1) : '';
  const all = compiled.elements.filter(
    ({ id }) => id.startsWith(within) && !id.slice(within.length).includes('/'),
  );
  const at = all.findIndex((element) => element.id === now?.path);
  const next = all[(at + by + all.length) % all.length];
  if (next) choose({ screen: compiled.id, element: next.id });
  return true;
}

function remove({ id: screen }: CompiledScreen, all: readonly Reached[]): boolean {
  const elements = all.map((reached) => reached.path).filter((path) => !path.includes('/'));
  if (elements.length > 0) edit('delete elements', { screen, elements });
  return elements.length > 0;
}

/** Over or under the sibling drawn next to it. */
function order(compiled: CompiledScreen, all: readonly Reached[], by: 1 | -1): boolean {
  const [first] = all;
  if (!first || first.path.includes('/')) return false;
  const { parent } = first.element;
  const siblings = compiled.screen.elements.filter((element) => element.parent === parent);
  const at = siblings.findIndex((sibling) => sibling.id === first.path);
  const before = siblings[by > 0 ? at + 2 : at - 1]?.id ?? null;
  if (by < 0 && at === 0) return true;
  edit('place elements', { screen: compiled.id, elements: [first.path], parent, before });
  return true;
}

function duplicate({ id: screen }: CompiledScreen, all: readonly Reached[]): boolean {
  const elements = all.map((reached) => reached.path).filter((path) => !path.includes('/'));
  if (elements.length === 0) return false;
  const made = edit('duplicate elements', { screen, elements });
  if (made) choose({ screen, element: made });
  return true;
}

function turn({ id: screen }: CompiledScreen, all: readonly Reached[], by: number): boolean {
  const { here } = useView.getState();
  const changes = all.map(({ path, element }) => {
    if (isKeying(screen)) return { element: path, change: keyedTurn(element, by), here };
    const to = ((((element.turn ?? 0) + by) % 360) + 360) % 360;
    return { element: path, change: { turn: to === 0 ? undefined : to }, here };
  });
  if (changes.length > 0) edit('change elements', { screen, changes }, { key: 'turn' });
  return changes.length > 0;
}

/** Hides or locks while editing, or no longer. */
export function flag(
  { id: screen }: { id: string },
  all: readonly Pick<Reached, 'path' | 'element'>[],
  what: 'hidden' | 'locked',
): boolean {
  const on = !all.every(({ element }) => element.editing?.[what]);
  const changes = all.map(({ path, element }) => {
    const { [what]: _, ...rest } = element.editing ?? {};
    const editing = on ? { ...rest, [what]: true } : rest;
    return { element: path, change: { editing: Object.keys(editing).length > 0 ? editing : undefined } };
  });
  if (changes.length > 0) edit('change elements', { screen, changes });
  return changes.length > 0;
}
