/** Bytes in the units people count in (IEC 80000-13, decimal). */
export function bytesInWords(bytes: number): string {
  const units = ['bytes', 'kB', 'MB', 'GB', 'TB'];
  const at = Math.min(units.length - 1, Math.max(0, Math.floor(Math.log10(Math.max(1, bytes)) / 3)));
  const n = bytes / 1000 ** at;
  return `${n < 10 && at > 0 ? n.toFixed(1) : Math.round(n)} ${units[at]}`;
}
