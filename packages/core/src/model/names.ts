/** The longest name of anything, in characters. */
export const LONGEST_NAME = 80;

/** `name`, or `name 2`, `name 3` … whichever is free. Names are compared without case. */
export function freeName(name: string, taken: Iterable<string>): string {
  const used = new Set([...taken].map((other) => other.toLowerCase()));
  if (!used.has(name.toLowerCase())) return name;
  const stem = name.replace(/ \d+$/, '');
  for (let n = 2; ; n++) if (!used.has(`${stem} ${n}`.toLowerCase())) return `${stem} ${n}`;
}

/** A typed name made fit to keep, or words that say why it cannot be. */
export function readName(text: string, taken: Iterable<string>): { ok: string } | { error: string } {
  const name = text.replace(/\s+/g, ' ').trim();
  if (name === '') return { error: 'A name needs at least one letter.' };
  if (name.length > LONGEST_NAME)
    return { error: `A name can have ${LONGEST_NAME} characters; this has ${name.length}.` };
  for (const other of taken)
    if (other.toLowerCase() === name.toLowerCase()) return { error: `“${other}” is already in use.` };
  return { ok: name };
}
