import { effectOf, showsOf } from '../effects';
import { parse, scopeOfScreen } from '../expression';
import { sayParts, textParts } from '../message';
import { type Element, type Id, type Project, type Scalar, type Screen, valueById, withId } from '../model';

/**
 * What stands on a screen to be read, buttons aside: with what values hold at first, and with the longest words that any
 * sentence tells a parameter, since they have to be read too.
 */
export function wordsShown(project: Project, screen: Screen, elements: readonly Element[]): string {
  const scope = scopeOfScreen(project, screen);
  return elements
    .flatMap((element) => ('text' in element && element.type !== 'button' ? [element.text] : []))
    .map((text) =>
      sayParts(textParts(text, scope), {
        named: ({ what, id }) =>
          what === 'value'
            ? valueById(project, id)?.default
            : (longestTold(project, screen.id, id) ?? withId(screen.parameters, id)?.default),
      }),
    )
    .join(' ')
    .trim();
}

/** The longest that a parameter is told anywhere, where that is written out. */
function longestTold(project: Project, screen: Id, parameter: Id): Scalar | undefined {
  const told = project.links.flatMap((link) => [
    ...(link.to && 'screen' in link.to && link.to.screen === screen ? [link.args?.[parameter]] : []),
    ...link.effects.flatMap((effect) =>
      showsOf(effect) === screen ? [effectOf(effect).tells?.(effect, project)?.args[parameter]] : [],
    ),
  ]);
  const written = told.flatMap((text) => {
    const read = text === undefined ? null : parse(text);
    return read && 'node' in read && read.node.kind === 'literal' ? [read.node.value] : [];
  });
  return written.sort((a, b) => String(b).length - String(a).length)[0];
}
