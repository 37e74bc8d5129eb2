import type { Project } from '../model';
import type { IdPlace, Path } from '../walk';

type Holder = Record<string | number, unknown>;

const reach = (root: object, path: Path): Holder | undefined => {
  let at: unknown = root;
  for (const step of path) at = (at as Holder | undefined)?.[step];
  return at as Holder | undefined;
};

/** Writes something into a document that may be written to; undefined takes the field out. */
export function put(root: object, path: Path, value: unknown): void {
  const holder = reach(root, path.slice(0, -1));
  if (!holder) return;
  if (value === undefined) delete holder[path.at(-1)!];
  else holder[path.at(-1)!] = value;
}

/**
 * Does to places what is to be done when what they name has gone. They are of `project` as it stands, in its order, so that
 * lists can be shortened from their ends.
 */
export function letGo(project: Project, places: readonly IdPlace[]): void {
  for (const { path, gone } of [...places].reverse()) {
    if (gone === 'stays') continue;
    if (gone === 'left out') put(project, path, undefined);
    else if (gone === 'holder') put(project, path.slice(0, -1), undefined);
    else if ('put' in gone) put(project, path, gone.put);
    else drop(project, path, gone.drop);
  }
}

/** Takes out the field of a name that a path leads through; of a list only what the path leads into. */
function drop(project: Project, path: Path, name: string): void {
  const at = path.lastIndexOf(name);
  if (at < 0) return;
  const index = path[at + 1];
  if (typeof index !== 'number') return put(project, path.slice(0, at + 1), undefined);
  (reach(project, path.slice(0, at + 1)) as unknown[] | undefined)?.splice(index, 1);
}
