import { box, keycapItems, saidText, codeOn, inset, type Item } from '../../drawing';
import { keycapWidth } from '../../lettering';
import { boxLook, textLook } from '../../style';
import type { Canvas, Of, Play } from '../play';

function paint(element: Of<'prompt'>, { project, rect, looks, said }: Canvas): Item[] {
  const code = element.action === null ? '?' : codeOn(project, element.action, looks);
  const look = boxLook(project, element.box);
  const ink = textLook(project, element.look);
  // With a finger there is nothing to press but the words themselves.
  if (code === undefined)
    return [
      ...box(element.id, rect, look),
      ...saidText(project, element.id, rect, said, { ...ink, align: 'centre' }, 'middle'),
    ];
  const cap = { project, id: element.id, code, look, ink };
  const width = Math.min(rect.width, keycapWidth(cap, rect.height));
  const rest = inset(rect, { top: 0, right: 0, bottom: 0, left: width + rect.height * 0.25 });
  return [
    ...keycapItems(cap, { ...rect, width }),
    ...saidText(project, element.id, rest, said, { ...ink, align: 'start' }, 'middle'),
  ];
}

export const prompt: Play<Of<'prompt'>> = {
  changes: true,
  paint,
  speak: { role: 'text', tell: (_, { code, said }) => ({ name: `${code} ${said}`.trim() }) },
};
