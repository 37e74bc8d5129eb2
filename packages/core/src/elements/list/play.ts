import { box, text, inset, partAbout, partOf, plain, type Item } from '../../drawing';
import { boxLook, inColour, textLook } from '../../style';
import type { Canvas, Of, Play } from '../play';

/**
 * Rows that a conversation puts in stand in place of those that are written: the last of them, as many as there is
 * room for.
 */
function paint(element: Of<'list'>, { project, rect, looks }: Canvas): Item[] {
  // What the list holds is drawn by itself.
  if (element.list !== undefined) return box(element.id, rect, boxLook(project, element.box));
  const live = looks.rows[element.id];
  const look = boxLook(project, element.box);
  const ink = textLook(project, element.look);
  const edge = Math.max(look.borderWidth, element.rowHeight * 0.3);
  const own = partOf(project, element.parts?.row, []);
  const fitting = Math.floor(rect.height / element.rowHeight);
  return [
    ...box(element.id, rect, look),
    ...(live ? live.slice(-fitting) : element.rows.slice(0, fitting)).flatMap((words, i) => {
      const row = { ...rect, y: rect.y + i * element.rowHeight, height: element.rowHeight };
      const line = { x: rect.x + edge, y: row.y, width: rect.width - 2 * edge, height: 1.5 };
      return [
        ...(own ? partAbout(own, row) : i > 0 ? [plain(null, line, look.border)] : []),
        ...text(
          project,
          element.id,
          inset(row, { top: 0, right: edge, bottom: 0, left: edge }),
          words,
          { ...(look.ink ? inColour(ink, look.ink) : ink), wrap: 'cut' },
          'middle',
        ),
      ];
    }),
  ];
}

export const list: Play<Of<'list'>> = {
  paint,
  holds: ({ list: shows }) => (shows === undefined ? {} : { overflow: 'scrolls' }),
  speak: {
    role: 'list',
    tell: ({ name, rows, list: shows }, now) =>
      shows === undefined ? { name, state: (now.rows ?? rows).join(', ') } : { name },
  },
};
