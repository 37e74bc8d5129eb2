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
    if (noted) noted[text] = parse(text, HOW);
    return { elements: parse(text, { ...HOW, captureLocation: true }) };
  } catch (error) {
    return { error: error instanceof Error ? error.message : '' };
  }
}
