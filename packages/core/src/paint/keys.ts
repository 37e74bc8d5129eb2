import {
  codeOn,
  capItems,
  capWidth,
  type Face,
  type Item,
  type Looks,
  box,
  CLEAR,
  inset,
  text,
} from '../drawing';
import type { Rect } from '../geometry';
import { titleCase, type Element, type Project } from '../model';
import { boxLook, textLook } from '../style';

/** What shows the keys and pad buttons that actions are bound to. */

export function prompt(
  project: Project,
  element: Element & { type: 'prompt' },
  rect: Rect,
  said: string,
  looks: Looks,
): Item[] {
  const code = element.action === null ? '?' : codeOn(project, element.action, looks);
  const look = boxLook(project, element.box);
  const ink = textLook(project, element.look);
  // With a finger there is nothing to press but the words themselves.
  if (code === undefined)
    return [
      ...box(element.id, rect, look),
      ...text(project, element.id, rect, said, { ...ink, align: 'centre' }, 'middle'),
    ];
  const cap = { project, id: element.id, code, look, ink };
  const width = Math.min(rect.width, capWidth(cap, rect.height));
  const rest = inset(rect, { top: 0, right: 0, bottom: 0, left: width + rect.height * 0.25 });
  return [
    ...capItems(cap, { ...rect, width }),
    ...text(project, element.id, rest, said, { ...ink, align: 'start' }, 'middle'),
  ];
}

/** What an action is called, and the key or button that is bound to it; or that one is waited for. */
export function bindingRow(element: Element & { type: 'binding' }, face: Face, looks: Looks): Item[] {
  const { project, rect, look, ink, said } = face;
  const own = project.actions.find((each) => each.id === element.action);
  const edge = rect.height * 0.3;
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  const half = { ...inner, width: inner.width / 2 };
  const other = { ...half, x: inner.x + half.width };
  const taking = looks.taking?.element === element.id ? looks.taking : null;
  const clash = taking && project.actions.find((each) => each.id === taking.clash)?.name;
  if (clash)
    return [
      ...box(element.id, rect, look),
      ...text(project, element.id, inner, `${titleCase(clash)} has it`, { ...ink, align: 'end' }, 'middle'),
    ];
  const items = [
    ...box(element.id, rect, look),
    ...text(
      project,
      element.id,
      half,
      said === '' ? (own?.name ?? '') : said,
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
  const width = Math.min(other.width, capWidth(cap, height));
  const at = { x: other.x + other.width - width, y: rect.y + (rect.height - height) / 2, width, height };
  return [...items, ...capItems(cap, at)];
}
