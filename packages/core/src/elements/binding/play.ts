import {
  box,
  keycapItems,
  saidText,
  text,
  controlStyleOf,
  ringed,
  codeOn,
  CLEAR,
  inset,
  type Item,
  type RenderState,
  type ControlStyle,
} from '../../drawing';
import { keycapWidth } from '../../lettering';
import { asWords } from '../../marks';
import { titleCase, withId } from '../../model';
import { WHOLE, type Of, type Play } from '../play';

/** What an action is called, and the key or button that is bound to it; or that one is waited for. */
function draw(element: Of<'binding'>, face: ControlStyle, looks: RenderState): Item[] {
  const { project, rect, look, ink, said } = face;
  const own = withId(project.actions, element.action);
  const edge = rect.height * 0.3;
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  const half = { ...inner, width: inner.width / 2 };
  const other = { ...half, x: inner.x + half.width };
  const taking = looks.taking?.element === element.id ? looks.taking : null;
  const clash = taking && withId(project.actions, taking.clash)?.name;
  if (clash)
    return [
      ...box(element.id, rect, look),
      ...text(project, element.id, inner, `${titleCase(clash)} has it`, { ...ink, align: 'end' }, 'middle'),
    ];
  const items = [
    ...box(element.id, rect, look),
    ...saidText(
      project,
      element.id,
      half,
      said === '' ? asWords(own?.name ?? '') : said,
      { ...ink, align: 'start' },
      'middle',
    ),
  ];
  if (taking) {
    const words = element.device === 'pad' ? 'Press a button' : 'Press a key';
    return [...items, ...text(project, element.id, other, words, { ...ink, align: 'end' }, 'middle')];
  }
  const code = own && codeOn(project, own.id, { ...looks, device: element.device });
  if (code === undefined)
    return [...items, ...text(project, element.id, other, 'none', { ...ink, align: 'end' }, 'middle')];
  const height = rect.height * 0.62;
  const cap = {
    project,
    id: element.id,
    code,
    look: { ...look, fill: CLEAR, border: look.ink ?? ink.colour, borderWidth: 2, corner: 8 },
    ink,
  };
  const width = Math.min(other.width, keycapWidth(cap, height));
  const at = { x: other.x + other.width - width, y: rect.y + (rect.height - height) / 2, width, height };
  return [...items, ...keycapItems(cap, at)];
}

export const binding: Play<Of<'binding'>> = {
  changes: true,
  paint: (element, { project, rect, looks }) =>
    ringed(
      project,
      element,
      rect,
      looks,
      draw(element, controlStyleOf(project, element, rect, looks), looks),
    ),
  speak: {
    role: 'button',
    tell: (element, { project, said, waits, code }) => {
      const action = withId(project.actions, element.action);
      return {
        ...(said === '' && action ? { name: action.name } : {}),
        state: waits ? 'waits for a key' : code,
      };
    },
  },
  focus: WHOLE,
  asksFor: 'a key',
};
