import { quoted } from '../expression';
import { renameInText } from '../message';
import { calls, withMarks, writtenMark, type Mark } from '../marks';
import { identifierOf, valuesOf, type Colour, type Project } from '../model';
import { placesOf, put, type TextPlace } from '../references';
import { asWritten } from './parts';

/** Keeps the names in marks, and those of actions in braces, valid when what they name is renamed or deleted. */

type Named = Extract<Mark, { mark: 'style' | 'colour' | 'picture' }>;

function rewriteTexts(draft: Project, change: (place: TextPlace) => string): void {
  for (const place of placesOf(asWritten(draft), { only: ['text'] })) {
    const now = change(place);
    if (now !== place.text) put(draft, place.path, place.quoted ? quoted(now) : now);
  }
}

function rewriteMarks(draft: Project, of: Named['mark'], name: string, by: (mark: Named) => Mark): void {
  rewriteTexts(draft, ({ text }) =>
    withMarks(text, (mark) =>
      mark.mark === of && calls((mark as Named).name, name) ? writtenMark(by(mark as Named)) : null,
    ),
  );
}

/** Renames a text style, colour or picture in the marks of every text, in every language. */
export function renameMarked(draft: Project, of: Named['mark'], from: string, to: string): void {
  if (from !== to) rewriteMarks(draft, of, from, (mark) => ({ ...mark, name: to }));
}

/** Replaces the name of a colour that is deleted by its value, in the marks of every text. */
export const unnameColour = (draft: Project, name: string, colour: Colour): void =>
  rewriteMarks(draft, 'colour', name, (mark) => ({ ...mark, name: colour }));

/** Renames an action in the texts that show its keys; not where a value or parameter of that name is meant. */
export function renameAction(draft: Project, from: string, to: string): void {
  const old = identifierOf(from);
  if (old === identifierOf(to)) return;
  const isValue = valuesOf(draft).some(({ name }) => identifierOf(name) === old);
  if (isValue) return;
  rewriteTexts(draft, ({ text, message, around }) =>
    !message || around.parameters.some(({ name }) => identifierOf(name) === old)
      ? text
      : renameInText(text, from, to),
  );
}
