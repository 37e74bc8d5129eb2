import { elementOf } from '../triggers';
import type { Id, Project } from '../model';
import type { Placing } from './placing';
import { leadsTo } from './steps';

/** One link on the map, or several with the same ends that no control of their own sets off. */
export interface Way {
  key: string;
  links: Id[];
  /** A card, or an area that is not folded. */
  from: Id;
  to: Id;
  /** The element on the card that sets it off. */
  control: Id | null;
  /** To a notice, or to a screen that is not made yet. */
  dashed: boolean;
}

/** What leads from card to card. The links of an area set out from its box. */
export function waysOf(
  project: Project,
  cards: ReadonlyMap<Id, Placing>,
  stands: ReadonlyMap<Id, Id>,
  boxes: ReadonlySet<Id>,
): Way[] {
  const cardOf = (id: Id): Placing | undefined => cards.get(stands.get(id) ?? id);
  const ways = new Map<string, Way>();
  for (const link of project.links) {
    const card = boxes.has(link.from) ? undefined : cardOf(link.from);
    const from = card?.id ?? link.from;
    if (!card && !boxes.has(from)) continue;
    for (const target of leadsTo(link)) {
      const to = cardOf(target);
      if (!to || (card?.holds && card === to)) continue;
      const control = !card || card.holds > 0 ? null : elementOf(link.trigger);
      const key = `${from} ${control ?? ''} ${to.id}`;
      const known = ways.get(key);
      if (known) known.links.push(link.id);
      else
        ways.set(key, {
          key,
          links: [link.id],
          from,
          to: to.id,
          control,
          dashed: to.gap || to.layer === 'notice',
        });
    }
  }
  return [...ways.values()];
}

/** From so many cards on, links to one card are named at their labels and not drawn as lines. */
const MANY = 6;
/** So are links that lead further than this, in rows or in columns. */
const FAR = { rows: 5, columns: 8 };

/**
 * Which ways are not drawn as lines: those across much of the map, and those to a card that many lead to, unless it is
 * unfolded. Ways down to a card and ways back to it are counted apart, so that the way to a hub is still drawn when
 * everything around it leads back there.
 */
export function stubsOf(
  ways: readonly Way[],
  placeOf: (id: Id) => { row: number; column: number },
  unfolded: ReadonlySet<Id>,
): { stubs: Set<Way>; joined: Map<Id, number> } {
  const sources = new Map<string, Set<Id>>();
  const kindOf = ({ from, to }: Way): string =>
    `${placeOf(from).row < placeOf(to).row ? 'down' : 'back'} ${to}`;
  for (const way of ways) {
    const known = sources.get(kindOf(way));
    if (known) known.add(way.from);
    else sources.set(kindOf(way), new Set([way.from]));
  }
  const joined = new Map<Id, number>();
  const stubs = new Set(
    ways.filter((way) => {
      const { from, to } = way;
      const count = sources.get(kindOf(way))!.size;
      if (count >= MANY) joined.set(to, Math.max(joined.get(to) ?? 0, count));
      if (unfolded.has(to)) return false;
      if (count >= MANY) return true;
      const [a, b] = [placeOf(from), placeOf(to)];
      return Math.abs(a.row - b.row) > FAR.rows || Math.abs(a.column - b.column) > FAR.columns;
    }),
  );
  return { stubs, joined };
}
