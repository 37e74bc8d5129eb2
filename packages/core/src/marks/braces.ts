/** A stretch of a text, by characters. */
export interface Span {
  from: number;
  to: number;
}

interface Group extends Span {
  parent: Group | null;
  /** It asks for a name, `{oil}` or `{oil, plural, …}`; else it is a branch of one. */
  names: boolean;
}

/**
 * A stretch widened so that it cuts through no name in braces (ICU MessageFormat): within one branch, or around all of
 * what it touches.
 */
export function wholeNames(text: string, span: Span): Span {
  const groups = groupsOf(text);
  if (groups.length === 0) return span;
  let { from, to } = span;
  const around = (at: number): Group | null =>
    groups.reduce<Group | null>(
      (inner, group) =>
        group.from < at && at < group.to && (!inner || group.from > inner.from) ? group : inner,
      null,
    );
  for (let [first, last] = [around(from), around(to)]; first !== last || first?.names;) {
    // The deeper of the two goes out to the edge of what it is in.
    if (first && (!last || first.names || depthOf(first) >= depthOf(last))) from = first.from;
    else to = last!.to;
    if (first && last === first) to = first.to;
    [first, last] = [around(from), around(to)];
  }
  return { from, to };
}

const depthOf = (group: Group): number => (group.parent ? depthOf(group.parent) + 1 : 0);

function groupsOf(text: string): Group[] {
  const found: Group[] = [];
  const open: Group[] = [];
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '{') {
      const parent = open.at(-1) ?? null;
      open.push({ from: i, to: -1, parent, names: !parent?.names });
    } else if (text[i] === '}') {
      const group = open.pop();
      if (group) found.push({ ...group, to: i + 1 });
    }
  }
  return found;
}
