import type { Project } from '../model';

/**
 * The language of a project that a player is taken to read best, by the lookup of RFC 4647: of the languages they want,
 * as BCP 47 tags with the best first, the first that the project speaks; a wanted `de-AT` finds `de`, and a wanted `de`
 * finds `de-AT` where there is nothing nearer. Otherwise the one that texts are written in.
 */
export function preferredLanguage({ languages = [] }: Project, wanted: readonly string[]): string {
  const codes = languages.map(({ code }) => code);
  const find = (fits: (code: string) => boolean): string | undefined =>
    codes.find((code) => fits(code.toLowerCase()));
  for (const tag of wanted.map((each) => each.toLowerCase())) {
    for (let range = tag; range !== ''; range = shorter(range)) {
      const found = find((code) => code === range);
      if (found !== undefined) return found;
    }
    const [primary] = tag.split('-');
    const found = find((code) => code.startsWith(`${primary}-`));
    if (found !== undefined) return found;
  }
  return codes[0] ?? 'en';
}

/** A range without its last part, and without a single letter that would stand at its end then. */
const shorter = (range: string): string => range.replace(/(-[^-])?-[^-]*$|^[^-]*$/, '');
