/**
 * The type that a name without a value most likely has, from how a text says it. A name by itself is a number, such as a
 * score, unless it is called like words.
 */
export function guessSaidType(text: string, name: string): 'number' | 'text' {
  const escaped = name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const form = new RegExp(`\\{\\s*${escaped}\\s*,\\s*(\\w+)`).exec(text)?.[1];
  if (form !== undefined) return form === 'select' ? 'text' : 'number';
  return /name|title|text|words?$|place|who/i.test(name) ? 'text' : 'number';
}
