import { parse, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';

/** Messages as they are read: by their words, what they are made of. */
export type ReadMessages = Record<string, MessageFormatElement[]>;

/** Messages that were read elsewhere: an exported page carries all of its own, and no parser. */
const known = new Map<string, MessageFormatElement[]>();

/** Where messages are recorded as they are read, while `messagesReadBy` runs. */
let noted: ReadMessages | null = null;

/** From here on these are known, and no others. */
export function knowMessages(messages: ReadMessages): void {
  known.clear();
  for (const [text, elements] of Object.entries(messages)) known.set(text, elements);
}

/** All the messages that are read while something is done, by their words. Those that cannot be read are not among them. */
export function messagesReadBy(work: () => void): ReadMessages {
  const outer = noted;
  const found: ReadMessages = {};
  noted = found;
  try {
    work();
  } finally {
    noted = outer;
  }
  return found;
}

const HOW = { ignoreTag: true, requiresOtherClause: true };

export function readMessage(text: string): { elements: MessageFormatElement[] } | { error: string } {
  const elements = known.get(text);
  if (elements) return { elements };
  try {
    // Where each stands is of use to an editor only.
    const dotless = text.replace(ROW, `$1${DOT}`);
    if (noted) noted[text] = parse(dotless, HOW).map(withDots);
    return { elements: parse(dotless, { ...HOW, captureLocation: true }).map(withDots) };
  } catch (error) {
    return { error: error instanceof Error ? error.message : '' };
  }
}

/** Names of ICU messages have no dots, but those of what rows hold do; this stands for one while a message is read. */
const DOT = '\u{E000}';
const ROW = /(\{\s*row)\.(?=[\p{L}\p{N}_$])/gu;

function withDots(element: MessageFormatElement): MessageFormatElement {
  const made = { ...element };
  if ('value' in made && made.value.includes(DOT)) made.value = made.value.replaceAll(DOT, '.');
  if ('children' in made) made.children = made.children.map(withDots);
  if ('options' in made)
    made.options = Object.fromEntries(
      Object.entries(made.options).map(([key, option]) => [
        key,
        { ...option, value: option.value.map(withDots) },
      ]),
    ) as typeof made.options;
  return made;
}
