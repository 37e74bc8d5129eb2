import {
  STATES,
  type BoxFace,
  type BoxLook,
  type BoxUse,
  type Colour,
  type FacePicture,
  type Gradient,
  type Project,
  type StateName,
  type TextLook,
  type TextUse,
  withId,
} from '../model';

const PLAIN_TEXT: TextLook = {
  font: 'plain',
  size: 34,
  weight: 400,
  colour: '#ffffff',
  align: 'start',
  line: 1.3,
};
const PLAIN_BOX: BoxLook = { fill: '#00000000', border: '#00000000', borderWidth: 0, corner: 0 };

/**
 * A shared style with the place's exceptions over it, colours still by name; a style that is gone counts as a plain
 * one.
 */
export function textStyle(project: Project, use: TextUse): TextLook {
  const { style, ...exceptions } = use;
  const shared = withId(project.styles.text, style) ?? PLAIN_TEXT;
  const { colour } = exceptions;
  return { ...(colour === undefined ? shared : inColour(shared, colour)), ...exceptions };
}

/** Letters in one colour, whatever they are filled with otherwise. */
export function inColour<T extends TextLook>({ gradient: _, picture: _picture, ...look }: T, colour: Colour) {
  return { ...look, colour };
}

export function boxStyle(project: Project, use: BoxUse): BoxLook {
  const { style, ...exceptions } = use;
  return { ...(withId(project.styles.box, style) ?? PLAIN_BOX), ...exceptions };
}

/** What a colour of the project stands for; one that is gone is a grey that shows it. */
export function colourOf(project: Project, colour: Colour): Colour {
  if (colour.startsWith('#')) return colour;
  const known = withId(project.styles.colours, colour)?.colour;
  return known?.startsWith('#') ? known : '#808080';
}

/** The same with every colour as it is. */
export function textLook(project: Project, use: TextUse): TextLook {
  const look = textStyle(project, use);
  const made: TextLook = { ...look, colour: colourOf(project, look.colour) };
  const plainly = <T extends { colour: Colour }>(of: T): T => ({
    ...of,
    colour: colourOf(project, of.colour),
  });
  if (look.gradient) made.gradient = gradientOf(project, look.gradient);
  if (look.outline) made.outline = plainly(look.outline);
  if (look.outlines) made.outlines = look.outlines.map(plainly);
  if (look.shadow) made.shadow = plainly(look.shadow);
  if (look.shadows) made.shadows = look.shadows.map(plainly);
  return made;
}

/** A picture of a face with the size it has by itself, in its own pixels. */
export interface DrawnPicture extends FacePicture {
  width: number;
  height: number;
  /** Its pixels keep their edges. */
  sharp?: true;
}
/** A box as it is drawn: colours are colours, and pictures that are gone are left out. */
export type DrawnBox = BoxLook<DrawnPicture>;

export function boxLook(project: Project, use: BoxUse): DrawnBox {
  const look = boxStyle(project, use);
  const { picture: _, ...rest } = look;
  const made = { ...rest, ...face(project, look) } as DrawnBox;
  for (const state of STATES) {
    const other = look[state];
    if (other) made[state] = face(project, other);
  }
  return made;
}

/** A box as it looks in some states at once; later ones lie over earlier ones. */
export function inStates(look: DrawnBox, states: readonly StateName[]): DrawnBox {
  return Object.assign({ ...look }, ...states.map((state) => look[state])) as DrawnBox;
}

function face(project: Project, { picture, ...from }: Partial<BoxFace>): Partial<BoxFace<DrawnPicture>> {
  const made: Partial<BoxFace<DrawnPicture>> = { ...from };
  // One that is said to be none, or is gone, still takes the place of another.
  if (picture) made.picture = 'none';
  const asset = picture && picture !== 'none' && withId(project.assets, picture.asset);
  if (asset) {
    const { width, height, sharp } = asset;
    const { tint } = picture;
    made.picture = {
      ...picture,
      width,
      height,
      ...(sharp ? { sharp } : {}),
      ...(tint ? { tint: colourOf(project, tint) } : {}),
    };
  }
  for (const key of ['fill', 'border', 'ink'] as const)
    if (from[key] !== undefined) made[key] = colourOf(project, from[key]);
  if (from.gradient) made.gradient = gradientOf(project, from.gradient);
  if (from.shadow) made.shadow = { ...from.shadow, colour: colourOf(project, from.shadow.colour) };
  if (from.outline) made.outline = { ...from.outline, colour: colourOf(project, from.outline.colour) };
  return made;
}

export const gradientOf = (project: Project, { angle, stops }: Gradient): Gradient => ({
  angle,
  stops: stops.map((stop) => ({ ...stop, colour: colourOf(project, stop.colour) })),
});
