import { fileIn, fileOut } from './bundle';
import { csvIn, csvOut } from './csv';
import { type Export, type Exported, type File, type Import, type Imported } from './format';
import { pageOut } from './page';
import { rowsOut } from './rows';
import { scriptIn } from './script';
import { vttOut } from './timed';
import { xliffIn, xliffOut } from './xliff';

/** Everything that can be written out, in the order it is offered in. */
export const EXPORTS = {
  page: pageOut,
  file: fileOut,
  xliff: xliffOut,
  csv: csvOut,
  vtt: vttOut,
  rows: rowsOut,
};
export type ExportName = keyof typeof EXPORTS;

/** Everything that can be read; the first that fits reads it. */
export const IMPORTS = {
  file: fileIn,
  xliff: xliffIn,
  csv: csvIn,
  script: scriptIn,
};

type AnyExport = { [Of in keyof Exported]: Export<Of> }[keyof Exported];
type AnyImport = { [Of in keyof Imported]: Import<Of> }[keyof Imported];

/** The formats that something is written in, by name. */
export const exportsOf = <Of extends keyof Exported>(of: Of): [string, Export<Of>][] =>
  Object.entries(EXPORTS as Record<string, AnyExport>).filter(
    (item): item is [string, never] => item[1].of === of,
  );

const importsOf = <Of extends keyof Imported>(of: Of): Import<Of>[] =>
  Object.values(IMPORTS as Record<string, AnyImport>).filter((entry): entry is never => entry.of === of);

/** The endings of files that something is read from, each with its dot. */
export const endingsOf = (of: keyof Imported): string[] => importsOf(of).flatMap(({ endings }) => endings);

/**
 * Writes something in a format of that name; `done` is what the window says then.
 * @throws when no such format is registered; the names come from the registry, so only a programming error gets
 *   there
 */
export async function writeAs<Of extends keyof Exported>(
  name: string,
  of: Of,
  given: Exported[Of],
): Promise<File & { done: string }> {
  const found = exportsOf(of).find(([each]) => each === name);
  if (!found) throw new Error(`There is no format ${name} for ${of}.`);
  const [, { write, done = 'Saved.' }] = found;
  return { ...(await write(given)), done };
}

/** Reads something from bytes in whichever format they are. */
export async function readAs<Of extends keyof Imported>(
  of: Of,
  bytes: Uint8Array,
  known: Parameters<Import<Of>['read']>[1] = {},
): Promise<Imported[Of]> {
  const all = importsOf(of);
  return (all.find(({ fits }) => fits(bytes)) ?? all.at(-1)!).read(bytes, known);
}
