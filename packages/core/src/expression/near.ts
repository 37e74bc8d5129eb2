/** The name most like one that was typed, or null when none is. */
export function nearest(typed: string, names: Iterable<string>): string | null {
  const wanted = typed.toLowerCase();
  let best: string | null = null;
  let min = Infinity;
  const farOff = (other: string): number => Math.abs(other.length - wanted.length);
  for (const name of names) {
    const other = name.toLowerCase();
    const within = other.startsWith(wanted) || wanted.startsWith(other) ? 1 : Infinity;
    const cost = Math.min(within, changes(wanted, other));
    // On a tie the name closer in length wins, so that a long word is not matched by its first part.
    if (cost < min || (best !== null && cost === min && farOff(other) < farOff(best)))
      [min, best] = [cost, name];
  }
  return min <= Math.max(1, Math.floor(typed.length / 3)) ? best : null;
}

/** How many letters must be put in, taken out or changed (Levenshtein), two neighbours swapped counting once. */
function changes(a: string, b: string): number {
  if (Math.abs(a.length - b.length) > 4) return Infinity;
  let older: number[] = [];
  let old = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      row[j] = Math.min(old[j]! + 1, row[j - 1]! + 1, old[j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        row[j] = Math.min(row[j]!, older[j - 2]! + 1);
    }
    [older, old] = [old, row];
  }
  return old[b.length]!;
}
