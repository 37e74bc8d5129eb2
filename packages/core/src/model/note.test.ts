import fc from 'fast-check';
import { writtenNotes } from '../test/notes';
import { anyProject } from '../test/arbitrary';
import { elementById, notesOf, screenById, withId } from '.';

test('every note is found, each with what it is pinned to', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const found = notesOf(project);
      expect(found.map(({ note }) => note.text).sort()).toEqual(writtenNotes(project).sort());
      for (const { note, index, owner, element, link } of found) {
        const screen = screenById(project, owner) ?? withId(project.components, owner);
        const on = link
          ? withId(project.links, link)
          : element
            ? elementById(screen as never, element)
            : screen;
        expect((on as { notes: unknown[] }).notes[index]).toBe(note);
      }
    }),
  );
});
