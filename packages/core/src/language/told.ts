import { parse, quoted } from '../expression';
import {
  screenById,
  type Arguments,
  type Effect,
  type Id,
  type Link,
  type Project,
  type Screen,
} from '../model';

/** Gives a text by its key anew; what it stands on comes along. */
export type Say = (key: string, text: string, owner: Id) => string;

/** What screens are told in words as they stand: what is put together from names says nothing by itself. */
function argumentsSaid<A extends Arguments | undefined>(
  project: Project,
  screen: Id,
  args: A,
  say: (parameter: Id, text: string) => string,
): A {
  let now: Arguments | undefined = args;
  for (const { id, type } of screenById(project, screen)?.parameters ?? []) {
    const read = type === 'text' && args?.[id] !== undefined ? parse(args[id]) : null;
    if (!read || !('node' in read) || read.node.kind !== 'literal') continue;
    const { value } = read.node;
    if (typeof value !== 'string') continue;
    const text = say(id, value);
    if (text !== value) now = { ...now, [id]: quoted(text) };
  }
  return now as A;
}

/** A notice that an effect shows, with what it is told. */
export function effectSaid(project: Project, effect: Effect, at: string, owner: Id, say: Say): Effect {
  if (effect.do !== 'notice') return effect;
  const args = argumentsSaid(project, effect.screen, effect.args, (parameter, text) =>
    say(`${at} ${parameter}`, text, owner),
  );
  return args === effect.args ? effect : { ...effect, args };
}

/** A link, with what the screen it leads to and the notices it shows are told. */
export function linkSaid(project: Project, link: Link, say: Say): Link {
  const { to } = link;
  const args =
    to && 'screen' in to
      ? argumentsSaid(project, to.screen, link.args, (parameter, text) =>
          say(`${link.id} ${parameter}`, text, link.from),
        )
      : link.args;
  const shown = new Map<Id, number>();
  const effects = link.effects.map((effect) => {
    if (effect.do !== 'notice') return effect;
    // The same notice may be shown twice by one link, with other words.
    const times = (shown.get(effect.screen) ?? 0) + 1;
    shown.set(effect.screen, times);
    const at = `${link.id} ${effect.screen}${times === 1 ? '' : ` ${times}`}`;
    return effectSaid(project, effect, at, link.from, say);
  });
  const same = args === link.args && effects.every((each, i) => each === link.effects[i]);
  return same ? link : { ...link, args, effects };
}

/** A screen, with what it is told where nothing else is said. */
export function defaultsSaid<S extends Screen>(screen: S, say: Say): S {
  const parameters = screen.parameters?.map((each) => {
    if (each.type !== 'text' || typeof each.default !== 'string') return each;
    const text = say(`${screen.id} ${each.id}`, each.default, screen.id);
    return text === each.default ? each : { ...each, default: text };
  });
  return parameters?.every((each, i) => each === screen.parameters![i]) === false
    ? { ...screen, parameters }
    : screen;
}
