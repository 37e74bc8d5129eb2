import type { Rect } from '../geometry';
import type { BoxUse, Element, Id, Project, StateName, TextLook, TextUse } from '../model';
import { boxLook, inColour, inStates, textLook, type DrawnBox } from '../style';
import { heldBy, type Held } from './held';
import type { RenderState, TypingPlace } from './render-state';

/** What is drawn of something that is pressed or set: its look in the states it is in, its words, and what it holds. */
export interface ControlStyle {
  project: Project;
  rect: Rect;
  states: readonly StateName[];
  /** In the states it is in. */
  look: DrawnBox;
  ink: TextLook;
  held: Held;
  /** Where words are typed into it; null where none are. */
  typing: TypingPlace | null;
  /** What its text says with its names filled in. */
  said: string;
}

/** The states an element looks to be in, in the order in which they lie over one another. */
export function statesOf(id: Id, looks: RenderState): StateName[] {
  const states: StateName[] = [];
  if (looks.disabled.includes(id)) return ['disabled'];
  if (looks.hovered === id) states.push('hovered');
  if (looks.focus === id) states.push('focused');
  if (looks.pressed.includes(id)) states.push('pressed');
  return states;
}

export function controlStyleOf(
  project: Project,
  element: Element & { text: string; look: TextUse; box: BoxUse; value?: Id },
  rect: Rect,
  looks: RenderState,
): ControlStyle {
  const states = statesOf(element.id, looks);
  const look = inStates(boxLook(project, element.box), states);
  const ink = textLook(project, element.look);
  return {
    project,
    rect,
    states,
    look,
    ink: look.ink ? inColour(ink, look.ink) : ink,
    held: heldBy(project, element, looks.holds),
    typing: looks.taking?.element === element.id ? looks.taking.words : null,
    said: looks.texts[element.id] ?? element.text,
  };
}
