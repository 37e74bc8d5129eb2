import { ringed, plain, saidText, type Item } from '../../drawing';
import { textLook } from '../../style';
import { WHOLE, type Canvas, type Of, type Play } from '../play';

function paint(element: Of<'address'>, { project, rect, looks, said }: Canvas): Item[] {
  const look = textLook(project, element.look);
  const items = saidText(project, element.id, rect, said, look, look.stand ?? 'middle');
  // Underlined, since a link must be told by more than its colour (WCAG 1.4.1).
  const under = items.flatMap((item): Item[] =>
    item.kind === 'text'
      ? item.lines.map((line) =>
          plain(
            null,
            {
              x: line.x - { start: 0, middle: line.width / 2, end: line.width }[item.anchor],
              y: line.y + item.size * 0.12,
              width: line.width,
              height: Math.max(2, item.size * 0.06),
            },
            item.colour,
          ),
        )
      : [],
  );
  return ringed(project, element, rect, looks, [...items, ...under]);
}

export const address: Play<Of<'address'>> = {
  paint,
  speak: { role: 'link' },
  focus: WHOLE,
  wordsRoom: WHOLE,
  opens: ({ url }) => url,
};
