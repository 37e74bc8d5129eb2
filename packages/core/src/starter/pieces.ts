import {
  freshId,
  type Placement,
  type ButtonElement,
  type Element,
  type Id,
  type PanelElement,
  type Place,
  type TextElement,
} from '../model';

/** The first pieces a project's screens are made of, before they have siblings to take after. */

export const at = (x: Placement, y: Placement): Place => ({ x, y });
/** A placement `offset` from the parent’s start; lengths in design pixels or percent. */
export const start = (offset: Placement['offset'], size: number | string): Placement => ({
  at: 'start',
  offset,
  size,
});
/** A placement `offset` from the parent’s middle; lengths in design pixels or percent. */
export const centre = (offset: Placement['offset'], size: number | string): Placement => ({
  at: 'centre',
  offset,
  size,
});
/** A placement `offset` from the parent’s end, inwards; lengths in design pixels or percent. */
export const end = (offset: Placement['offset'], size: number | string): Placement => ({
  at: 'end',
  offset,
  size,
});

export function heading(
  text: string,
  place: Place,
  style: Id = 't-heading',
  align?: 'start' | 'centre',
): TextElement {
  return {
    id: freshId('e'),
    name: 'Heading',
    type: 'text',
    parent: null,
    place,
    text,
    look: align ? { style, align } : { style },
  };
}

export function body(name: string, text: string, place: Place, align?: 'start' | 'centre'): TextElement {
  return {
    id: freshId('e'),
    name,
    type: 'text',
    parent: null,
    place,
    text,
    look: align ? { style: 't-body', align } : { style: 't-body' },
  };
}

export function button(text: string, place: Place): ButtonElement {
  return {
    id: freshId('e'),
    name: text,
    type: 'button',
    parent: null,
    place,
    text,
    look: { style: 't-button' },
    box: { style: 'b-button' },
  };
}

export function panel(place: Place): PanelElement {
  return { id: freshId('e'), name: 'Panel', type: 'panel', parent: null, place, box: { style: 'b-panel' } };
}

const BUTTON = { width: 440, height: 84, step: 108 };

/**
 * Buttons in a column: from the left edge, or centred on the frame.
 * @param from the first button’s place; `y` in design pixels
 */
export function column(
  labels: readonly string[],
  from: { x: 'left' | 'middle'; y: number },
): ButtonElement[] {
  const first = from.y - (from.x === 'middle' ? ((labels.length - 1) * BUTTON.step) / 2 : 0);
  return labels.map((label, i) =>
    button(
      label,
      from.x === 'left'
        ? at(start(180, BUTTON.width), start(first + i * BUTTON.step, BUTTON.height))
        : at(centre(0, BUTTON.width), centre(first + i * BUTTON.step, BUTTON.height)),
    ),
  );
}

/** A panel in the middle with a heading and buttons, the usual overlay. */
export function card(title: string, labels: readonly string[], lines?: string): Element[] {
  const rows = labels.length * BUTTON.step + (lines ? 130 : 0);
  const height = rows + 230;
  const top = -height / 2;
  return [
    panel(at(centre(0, 720), centre(0, height))),
    heading(title, at(centre(0, 640), centre(top + 90, 84)), 't-heading', 'centre'),
    ...(lines ? [body('Text', lines, at(centre(0, 600), centre(top + 205, 110)), 'centre')] : []),
    ...column(labels, { x: 'middle', y: top + 170 + rows - (labels.length * BUTTON.step) / 2 + 10 }),
  ];
}
