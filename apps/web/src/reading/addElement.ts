import type { Element, ElementType, Screen } from '@tavu/core/model';
import { at, body, button, centre, panel } from '@tavu/core/starter';
import { edit } from '../studio/store';

export const ADDABLE: ElementType[] = ['button', 'text', 'panel', 'picture'];

/** A new element in the middle, clear of a sister of its type, and chosen. */
export function addElement(screen: Screen, type: ElementType): void {
  const sisters = screen.elements.filter((each) => each.type === type).length;
  const element = fresh(type, sisters * 108);
  edit(
    'add element',
    { screen: screen.id, element },
    { chosen: (made) => ({ screen: screen.id, element: made ?? null }) },
  );
}

function fresh(type: ElementType, down: number): Element {
  const place = (width: number, height: number) => at(centre(0, width), centre(down, height));
  switch (type) {
    case 'button':
      return button('Button', place(440, 84));
    case 'text':
      return body('Text', 'Text', place(600, 60));
    case 'panel':
      return panel(place(720, 480));
    case 'picture':
      return {
        id: '',
        name: 'Picture',
        type: 'picture',
        parent: null,
        place: place(480, 270),
        asset: null,
        fit: 'contain',
      };
  }
}
