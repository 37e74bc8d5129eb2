import { identifierOf } from '../model';
import { DEPENDS, namedElements } from './message';
import { readMessage } from './read';

/** A text in which one name is called otherwise, in whatever way it is named: `{oil}`, `{oil, plural, …}`. */
export function renameInText(text: string, from: string, to: string): string {
  const old = identifierOf(from);
  if (!text.includes('{') || !text.includes(old)) return text;
  const now = identifierOf(to);
  const read = DEPENDS.test(text) ? readMessage(text) : null;
  // What stands as it is written because it cannot be read goes on naming the same, for whoever mends it.
  if (!read || 'error' in read)
    return text.replace(/(\{\s*)([^{}\s,]+)(?=\s*[},])/g, (whole, open: string, name: string) =>
      name === old ? open + now : whole,
    );
  let made = '';
  let at = 0;
  for (const element of namedElements(read.elements)) {
    if (element.value !== old) continue;
    const name = text.indexOf(old, element.location!.start.offset);
    made += text.slice(at, name) + now;
    at = name + old.length;
  }
  return made + text.slice(at);
}
