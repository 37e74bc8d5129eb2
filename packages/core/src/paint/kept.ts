import type { CompiledScreen, Flow } from '../compile';
import type { Item, RenderState } from '../drawing';
import { movesWords } from '../marks';
import type { Element, Id } from '../model';

/** What of the looks counts for how one element is drawn by itself. */
const COUNTS = {
  focus: 'is it',
  hovered: 'is it',
  pressed: 'has it',
  disabled: 'has it',
  texts: 'under its id',
  typed: 'under its id',
  shapes: 'under its id',
  inks: 'under its id',
  rows: 'under its id',
  assets: 'under its id',
  holds: 'under its id',
  faces: 'under its id',
  bars: 'under its id',
  thumbs: 'under its id',
  device: 'all of it',
  codes: 'all of it',
  // Looked at by hand.
  taking: 'otherwise',
  beat: 'otherwise',
  // These move or hide what is drawn, or are of the screen itself.
  scrollTo: 'nothing',
  scrolled: 'nothing',
  hidden: 'nothing',
  grain: 'nothing',
} satisfies Record<
  keyof RenderState,
  'is it' | 'has it' | 'under its id' | 'all of it' | 'otherwise' | 'nothing'
>;
const named = Object.entries(COUNTS) as [keyof RenderState, string][];

const kept = new WeakMap<CompiledScreen, Map<Id, { made: unknown[]; items: Item[] }>>();

/**
 * An element's own items, drawn again only when something they are drawn by has changed: so that those of most elements are the
 * same objects from one frame to the next, and cost nothing further on.
 */
export function keptItems(
  flow: Flow,
  screen: CompiledScreen,
  element: Element,
  looks: RenderState,
  draw: () => Item[],
): Item[] {
  const made = madeOf(flow, element, looks);
  let own = kept.get(screen);
  if (!own) kept.set(screen, (own = new Map()));
  const known = own.get(element.id);
  if (known && made.every((each, i) => Object.is(each, known.made[i]))) return known.items;
  const items = draw();
  own.set(element.id, { made, items });
  return items;
}

function madeOf({ project, reduced }: Flow, element: Element, looks: RenderState): unknown[] {
  const { id } = element;
  const { styles, assets, values, actions } = project;
  const made: unknown[] = [element, styles, assets, values, actions, reduced];
  for (const [name, how] of named) {
    const look = looks[name];
    if (how === 'is it') made.push(look === id);
    else if (how === 'has it') made.push((look as readonly Id[]).includes(id));
    else if (how === 'under its id') made.push((look as Record<Id, unknown>)[id]);
    else if (how === 'all of it') made.push(look);
  }
  const taking = looks.taking?.element === id ? looks.taking : null;
  made.push(taking !== null, taking?.clash, taking?.words);
  const said = looks.texts[id] ?? ('text' in element ? element.text : '');
  made.push(looks.beat !== null && movesWords(said) ? looks.beat : null);
  return made;
}
