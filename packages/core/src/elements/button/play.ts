import { withId } from '../../model';
import { box, saidText, controlStyleOf, ringed, codeOn, type Item } from '../../drawing';
import { codeName } from '../../keys';
import { boxLook } from '../../style';
import { actsFor, WHOLE, type Canvas, type Of, type Play } from '../play';

function paint(element: Of<'button'>, { project, rect, looks, unfocused }: Canvas): Item[] {
  const { look, ink, said } = controlStyleOf(project, element, rect, looks);
  // On a screen that never has the focus a button shows its key.
  const action = unfocused ? withId(project.actions, element.shortcut) : undefined;
  const code = action && codeOn(project, action.id, looks);
  const words = code ? `[[${codeName(code)}]  ${said}` : said;
  return ringed(project, element, rect, looks, [
    ...box(element.id, rect, look),
    ...saidText(project, element.id, rect, words, ink, ink.stand ?? 'middle'),
  ]);
}

export const button: Play<Of<'button'>> = {
  paint,
  speak: { role: 'button' },
  focus: WHOLE,
  thumb: actsFor,
  wordsRoom: (element, rect, project) => {
    const { borderWidth } = boxLook(project, element.box);
    return { width: rect.width - 2 * borderWidth, height: rect.height - 2 * borderWidth };
  },
};
