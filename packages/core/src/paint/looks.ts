import type { BoxLook, BoxUse, Project, TextLook, TextUse } from '../model';

const PLAIN_TEXT: TextLook = {
  font: 'plain',
  size: 34,
  weight: 400,
  colour: '#ffffff',
  align: 'start',
  line: 1.3,
};
const PLAIN_BOX: BoxLook = { fill: '#00000000', border: '#00000000', borderWidth: 0, corner: 0 };

/** A shared style with the place's exceptions over it; a style that is gone counts as a plain one. */
export function textLook(project: Project, use: TextUse): TextLook {
  const { style, ...exceptions } = use;
  return { ...(project.styles.text.find((each) => each.id === style) ?? PLAIN_TEXT), ...exceptions };
}

export function boxLook(project: Project, use: BoxUse): BoxLook {
  const { style, ...exceptions } = use;
  return { ...(project.styles.box.find((each) => each.id === style) ?? PLAIN_BOX), ...exceptions };
}
