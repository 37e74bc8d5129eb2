type Holder = Record<string | number, unknown>;

/** Where in a document something stands, from its root. */
export type Path = readonly (string | number)[];

/** What is to stand at a path. */
export interface Replacement {
  path: Path;
  value: unknown;
}

/** A document with some things changed; what holds none of them is the same object. */
export function withChanges<T extends object>(root: T, changes: readonly Replacement[]): T {
  if (changes.length === 0) return root;
  const fresh = new Set<unknown>();
  const copyOf = (value: unknown): Holder => {
    if (fresh.has(value)) return value as Holder;
    const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Holder;
    fresh.add(copy);
    return copy;
  };
  const made = copyOf(root);
  for (const { path, value } of changes) {
    let at = made;
    for (const step of path.slice(0, -1)) at = at[step] = copyOf(at[step]);
    at[path.at(-1)!] = value;
  }
  return made as T;
}
