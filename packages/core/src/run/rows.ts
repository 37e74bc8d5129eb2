import {
  DRAWN_WHOLE,
  fillScreen,
  keyInPath,
  placesDrawn,
  rowRects,
  type CompiledList,
  type CompiledScreen,
  type Filling,
  type Flow,
  type Piece,
  type PlacedRow,
} from '../compile';
import { pathOf } from '../component';
import { shownRows, type ListedRow, type Listing } from '../lists';
import { MAX_ROWS, maxRows, type Id, type ListElement } from '../model';
import { arrivalFocus, nearest, settleFocus } from './focus';
import { takerNow } from './search';
import {
  allUp,
  holdsNow,
  listingOf,
  sampleLists,
  screenOf,
  standing,
  type Instance,
  type Leaving,
  type RunState,
  type Spot,
} from './state';

/**
 * A flow with what lists hold put in, on the screens that are up. The very same as long as nothing that is seen of any
 * list is otherwise, so that what is made of a screen is made once.
 */
export function withRows(flow: Flow, state: RunState): Flow {
  const bare = flow.bare ?? flow;
  if (bare.lists.size === 0) return bare;
  const before = made.get(bare);
  const now = new Map<Id, Filled>();
  for (const thing of [...state.leaving, ...allUp(state)]) {
    const screen = bare.screens.get(thing.screen);
    if (screen && screen.lists.length > 0) now.set(screen.id, fillOf(bare, state, thing, screen, before));
  }
  if (now.size === 0) return bare;
  if (
    before &&
    before.filled.size === now.size &&
    [...now].every(([id, each]) => before.filled.get(id) === each)
  )
    return before.flow;
  const screens = new Map(bare.screens);
  for (const [id, { screen }] of now) screens.set(id, screen);
  const huds = bare.huds.map(({ id }) => screens.get(id)!);
  const filled = { filled: now, flow: { ...bare, bare, screens, huds } };
  made.set(bare, filled);
  return filled.flow;
}

/**
 * A screen by itself with samples in its lists, as it is looked at where nothing runs. The same as long as nothing it is
 * made of is otherwise.
 */
export function withSamples(flow: Flow, state: RunState, screen: CompiledScreen): CompiledScreen {
  if (screen.lists.length === 0) return screen;
  const { lists, components, links } = flow.project;
  const known = sampled.get(screen);
  if (known && known.lists === lists && known.components === components && known.links === links)
    return known.made;
  const { id, layer } = screen;
  const base: Instance = { ...state.base, screen: id, layer, focus: null, scrolled: null, args: {} };
  const now = { ...state, base, lists: sampleLists(flow) };
  const { screen: made } = fillOf(flow, now, base, screen, undefined);
  sampled.set(screen, { lists, components, links, made });
  return made;
}
const sampled = new WeakMap<
  CompiledScreen,
  Pick<Flow['project'], 'lists' | 'components' | 'links'> & { made: CompiledScreen }
>();

interface Filled {
  screen: CompiledScreen;
  fillings: ReadonlyMap<Id, Filling>;
}
/** What was last put into each flow. */
const made = new WeakMap<Flow, { filled: ReadonlyMap<Id, Filled>; flow: Flow }>();

function fillOf(
  bare: Flow,
  state: RunState,
  thing: Instance | Leaving,
  screen: CompiledScreen,
  before: { filled: ReadonlyMap<Id, Filled> } | undefined,
): Filled {
  const old = before?.filled.get(screen.id);
  const fillings = new Map<Id, Filling>();
  let same = old !== undefined && old.fillings.size === screen.lists.length;
  for (const list of screen.lists) {
    const was = old?.fillings.get(list.element.id);
    const filling = fillingOf(bare, state, thing, screen, list, was);
    fillings.set(list.element.id, filling);
    same &&= filling === was;
  }
  return same ? old! : { screen: fillScreen(bare, screen, fillings), fillings };
}

const PIECES: Record<Listing['state'], Piece | null> = { ready: null, waiting: 'waiting', failed: 'failed' };

function fillingOf(
  bare: Flow,
  state: RunState,
  thing: Instance | Leaving,
  screen: CompiledScreen,
  list: CompiledList,
  was: Filling | undefined,
): Filling {
  const { element } = list;
  const listing = listingOf(bare, state, list.list);
  const rows = listing ? rowsShown(bare, state, thing, list, listing, was?.rows) : NONE;
  const instead = listing ? PIECES[listing.state] : null;
  const open = element.open === undefined || !listing ? 0 : openPlaces(bare, list, listing, rows);
  const empty = instead === null && rows.length + open === 0 ? ('empty' as const) : instead;
  // A list without a piece for it goes on showing its rows.
  const piece = empty !== null && element[empty] !== undefined ? empty : null;
  const count = rows.length + open;
  const rects = rowRects(element, screen.layout.get(element.id)!);
  const places =
    piece !== null ? NO_PLACES : placesDrawn(rects, count, ...whereSeen(element, thing, rows, rects, count));
  const why = listing?.why ?? '';
  const same =
    was &&
    was.rows === rows &&
    was.piece === piece &&
    was.why === why &&
    was.open === open &&
    was.places.length === places.length &&
    was.places.every((place, i) => place === places[i]);
  return same ? was : { rows, places, piece, why, open };
}
const NONE: readonly ListedRow[] = [];
const NO_PLACES: readonly number[] = [];

/** How many places a list shows that are not taken: as many rows as it could still hold. */
function openPlaces(
  bare: Flow,
  { list }: CompiledList,
  listing: Listing,
  rows: readonly ListedRow[],
): number {
  const most = maxRows(bare.lists.get(list)!);
  return most >= MAX_ROWS || rows.length < listing.rows.length ? 0 : Math.max(0, most - rows.length);
}

/** How far a list is scrolled, in design pixels, and which place has the focus. */
function whereSeen(
  element: ListElement,
  thing: Instance | Leaving,
  rows: readonly ListedRow[],
  { columns, pitch, view }: ReturnType<typeof rowRects>,
  count: number,
): [number, number | null] {
  if (count <= DRAWN_WHOLE) return [0, null];
  const focused = placeFocused(element.id, thing.focus, rows);
  const scrolled = 'scrolled' in thing && thing.scrolled?.area === element.id ? thing.scrolled : null;
  if (scrolled) return [element.across ? scrolled.x : scrolled.y, focused];
  if (focused === null) return [0, null];
  return [Math.max(0, (Math.floor(focused / columns) + 1) * pitch - view), focused];
}

/** The place of a list that something within it is in; null where it is in none. */
function placeFocused(list: Id, focus: Id | null, rows: readonly ListedRow[]): number | null {
  const start = pathOf(list, '');
  if (!focus?.startsWith(start)) return null;
  const [key] = focus.slice(start.length).split('/');
  const at = rows.findIndex((row) => keyInPath(row.key) === key);
  return at < 0 ? null : at;
}

/** The rows that a list shows. The very same as long as they are the same in the same order. */
function rowsShown(
  flow: Flow,
  state: RunState,
  thing: Instance | Leaving,
  { element, filter }: CompiledList,
  listing: Listing,
  was: readonly ListedRow[] | undefined,
): readonly ListedRow[] {
  if (filter === null && (element.sort ?? []).length === 0) return listing.rows;
  const source = 'taken' in thing ? thing : null;
  const last = shownLast.get(element);
  const { values, lists } = state;
  // What a filter asks of the run besides can change at any time; what it asks of lists, with every write.
  const alike =
    last?.flow === flow &&
    (filter === null ||
      (last.values === values &&
        last.args === thing.args &&
        (filter.lists.length === 0 || last.lists === lists) &&
        !asksRun(filter.text)));
  if (last && alike && last.of === listing.rows) return last.shown;
  const rows = shownRows(
    listing.rows,
    element,
    ({ held }) => filter === null || holdsNow(flow, state, source, filter, held),
    alike ? last : undefined,
  );
  const shown = was?.length === rows.length && rows.every((row, i) => row === was[i]) ? was : rows;
  shownLast.set(element, { flow, of: listing.rows, values, lists, args: thing.args, shown });
  return shown;
}
const asksRun = (text: string): boolean => /isUp|isCovered|cameFrom|saveExists/.test(text);
/** What each list showed last, and what that came of. */
const shownLast = new WeakMap<
  ListElement,
  {
    flow: Flow;
    of: readonly ListedRow[];
    values: RunState['values'];
    lists: RunState['lists'];
    args: Instance['args'];
    shown: readonly ListedRow[];
  }
>();

/**
 * What has the focus, is pressed or pointed at once rows have come and gone. The focus stays with its row; when that is gone, the next
 * has it, else the one before, else what stands outside.
 * @param before the flow with the rows there were
 * @param serial what came up since has this serial number, or a later one
 */
export function settleRows(flow: Flow, state: RunState, before: Flow, serial: number): void {
  for (const instance of standing(state)) {
    const screen = screenOf(flow, instance);
    if (screen.lists.length === 0 || screen === screenOf(before, instance)) continue;
    if (instance.serial >= serial) {
      instance.focus = arrivalFocus(screen, screen.remembers ? state.remembered[screen.id] : null);
      continue;
    }
    if (instance.focus !== null && screen.focus.order.includes(instance.focus)) continue;
    instance.focus = nextRow(screen, screenOf(before, instance), instance.focus);
  }
  settleFocus(flow, state);
  const stands = (spot: Spot | null): boolean => spot === null || isOn(flow, state, spot);
  if (!stands(state.hover)) state.hover = null;
  if (!stands(state.over)) state.over = null;
  if (!stands(state.pressed)) state.pressed = null;
  if (state.touches.some(({ spot }) => !stands(spot)))
    state.touches = state.touches.filter(({ spot }) => stands(spot));
  if (state.pending && 'spot' in state.pending && !stands(state.pending.spot)) state.pending = null;
  takerNow(flow, state);
}

const isOn = (flow: Flow, state: RunState, { serial, element }: Spot): boolean => {
  const instance = allUp(state).find((other) => other.serial === serial);
  return instance !== undefined && (element === null || screenOf(flow, instance).layout.has(element));
};

/** Where the focus goes from a row that is gone; null where there is nothing else. */
function nextRow(now: CompiledScreen, before: CompiledScreen, focus: Id | null): Id | null {
  const { order } = now.focus;
  const gone = focus === null ? undefined : before.rows.get(focus);
  if (gone) {
    const within = focus!.slice(gone.path.length);
    const rows = rowsIn(before, gone.list);
    const left = new Set(rowsIn(now, gone.list).map(({ path }) => path));
    const at = rows.findIndex(({ path }) => path === gone.path);
    const heirs = [...rows.slice(at), ...rows.slice(0, at).reverse()].filter(({ path }) => left.has(path));
    for (const { path } of heirs) {
      // What stands at the same place within it, else whatever there is in it to use.
      const own =
        order.find((id) => id === path + within) ?? order.find((id) => now.rows.get(id)?.path === path);
      if (own !== undefined) return own;
    }
  }
  const from = focus === null ? undefined : before.layout.get(focus);
  return from ? nearest(from, order, now.layout) : arrivalFocus(now, null);
}

/** The rows that are drawn of a list, in order. */
function rowsIn({ rows }: CompiledScreen, list: Id): PlacedRow[] {
  const found = new Map<Id, PlacedRow>();
  for (const row of rows.values()) if (row.list === list) found.set(row.path, row);
  return [...found.values()].sort((a, b) => a.at - b.at);
}
