import type { Animation } from './motion';
import type { Duration, Id } from './types';

/** How things look: shared styles, and a place's exceptions from them. */

/** `#rrggbb` or `#rrggbbaa`, or the id of one of the project's colours. */
export type Colour = string;

/** A colour of the project, called by name. */
export interface NamedColour {
  id: Id;
  name: string;
  colour: Colour;
}

/** A built-in face, or the id of a font of the project. */
export type FontName = 'plain' | 'display' | Id;

export type Align = 'start' | 'centre' | 'end';

/** Where the lines of a text stand in its box, from top to bottom. */
export type Stand = 'top' | 'middle' | 'bottom';

/** Offsets and softness in design pixels; `blur` is about the width of the soft edge. */
export interface Shadow {
  x: number;
  y: number;
  blur: number;
  colour: Colour;
}

/** A line around the shape, outside of it. Width in design pixels. */
export interface Outline {
  width: number;
  colour: Colour;
}

/** A picture whose opacity says how much of something is seen. */
export interface Mask {
  asset: Id;
  fit: PictureFit;
}

/** Dashes and the gaps between them, in design pixels. */
export interface Dashes {
  dash: number;
  gap: number;
}

/** Colours along a line. The angle is CSS's: 0 goes up, 90 to the right. */
export interface Gradient {
  angle: number;
  stops: Stop[];
}
export interface Stop {
  /** 0 to 1. */
  at: number;
  colour: Colour;
}

/** How an element is laid over what is beneath it (W3C Compositing and Blending). */
export type Blend = (typeof BLENDS)[number];
export const BLENDS = ['normal', 'multiply', 'screen', 'overlay', 'darken', 'lighten', 'difference'] as const;

export interface TextLook {
  font: FontName;
  /** Design pixels. */
  size: number;
  /** 100 to 900 (CSS Fonts): of the family of its font, the nearest there is. */
  weight: number;
  /** Sloped letters: those of its family, or the upright ones slanted. */
  italic?: true;
  colour: Colour;
  align: Align;
  /** Line height as a multiple of the size. */
  line: number;
  /** Room added after every letter, in design pixels. Absent: 0. */
  letters?: number;
  /** All figures are as wide as the widest, so that running numbers stand still. Absent: each has its own width. */
  figures?: 'even';
  /** Its lines are bent: degrees from one end to the other, upwards in the middle; below 0 downwards. Absent: 0. */
  arc?: number;
  /** Absent: at the top; in the middle on what is pressed. */
  stand?: Stand;
  /** Long lines are broken, or kept as they are and cut. Absent: broken. */
  wrap?: 'wrap' | 'cut';
  /** The size is as large as its box takes, between these. Absent: the size stands. */
  fit?: { min: number; max: number };
  /** Colours along a line fill its letters, in place of its colour. */
  gradient?: Gradient;
  /** A picture that covers its lines fills its letters, in place of both. */
  picture?: Id;
  outline?: Outline;
  /** Further ones, each round the one before. */
  outlines?: Outline[];
  shadow?: Shadow;
  /** Further ones, each beneath the one before. */
  shadows?: Shadow[];
}
export interface TextStyle extends TextLook {
  id: Id;
  name: string;
}

/** Design pixels, or a picture's own, in from each edge. */
export interface Slice {
  top: number;
  right: number;
  bottom: number;
  left: number;
}

export const BOX_SIDES = ['left', 'right', 'top', 'bottom'] as const;
export type BoxSide = (typeof BOX_SIDES)[number];

/** A picture drawn as the face of a box, beneath its border and within its corners. */
export interface FacePicture {
  asset: Id;
  /** `slice`: corners keep their size, edges stretch one way. `tile`: repeated from the top left. */
  fit: FaceFit;
  /** With `slice`: how far in corners and edges reach, in the picture's own pixels. */
  slice?: Slice;
  /** With `slice` and `tile`: how many design pixels one of the picture's own takes. Absent: 1. */
  scale?: number;
  /** A colour laid over what it shows, as strong as it is opaque. */
  tint?: Colour;
  /** 0 to 1. Absent: 1. */
  opacity?: number;
  /** How it is laid over the fill. Absent: normal. */
  blend?: Blend;
  /** It lies under the fill and the gradient. Absent: over them. */
  under?: true;
}
export const FACE_FITS = ['stretch', 'slice', 'tile', 'contain', 'cover'] as const;
export type FaceFit = (typeof FACE_FITS)[number];

/** @template P the picture on it, which may know more than a file says of it */
export interface BoxFace<P = FacePicture> {
  fill: Colour;
  border: Colour;
  /** Colour of the text on it; absent keeps the text style's. */
  ink?: Colour;
  /** Lies over the fill. */
  gradient?: Gradient;
  /** `none`: it has none, even where its style or the normal face has one. */
  picture?: P | 'none';
  shadow?: Shadow;
  outline?: Outline;
  /** How large it is drawn, with all on it, beside its own size. Absent: 1. */
  grow?: number;
  /** Design pixels it is drawn away from where it stands. */
  nudge?: { x: number; y: number };
  /** Of a hovered, focused or pressed face: heard when a player brings that about, in place of the usual sound. */
  sound?: Id;
}

/** What an element that can be used looks like, besides normal. */
export const STATES = ['hovered', 'focused', 'pressed', 'on', 'disabled'] as const;
export type StateName = (typeof STATES)[number];

/** A picture that stands beside what has the focus. */
export interface Marker {
  asset: Id;
  /** On both it is mirrored on the right. */
  side: 'left' | 'right' | 'both';
  /** Design pixels: how high it is, and how far from the edge of what it stands beside. */
  size: number;
  gap: number;
  /** What it does while it is there, over and over. Absent: it keeps still. */
  loop?: Pick<Animation, 'frames'> & { repeat: NonNullable<Animation['repeat']> };
}
export const MARKER_SIDES: readonly Marker['side'][] = ['left', 'right', 'both'];

export interface BoxLook<P = FacePicture>
  extends BoxFace<P>, Partial<Record<StateName, Partial<BoxFace<P>>>> {
  /** Design pixels. */
  borderWidth: number;
  corner: number;
  /** Its border is in dashes. Absent: a line. */
  dashes?: Dashes;
  marker?: Marker;
  /** How long it takes from the look of one state to that of another. Absent: none. */
  fades?: Duration;
}
export interface BoxStyle extends BoxLook {
  id: Id;
  name: string;
}

/** A shared style with this place's exceptions. */
export type TextUse = { style: Id } & Partial<TextLook>;
export type BoxUse = { style: Id } & Partial<BoxLook>;

/** How tooltips look, and after how long they are shown. */
export interface TooltipLook {
  text: TextUse;
  box: BoxUse;
  /** From the pointer’s coming to rest; the focus has to stay twice as long. Absent: 600 ms. */
  after?: Duration;
}

export interface Styles {
  text: TextStyle[];
  box: BoxStyle[];
  /** Absent: the styles of body text and panels. */
  tooltip?: TooltipLook;
  /** Absent: none. */
  colours?: NamedColour[];
}

/** What lies behind a screen's elements, and what it does to the screens beneath. */
export interface Background {
  colour: Colour;
  gradient?: Gradient;
  picture?: Id;
  /** Absent: it covers. */
  fit?: PictureFit;
  /** What is beneath is blurred by so many design pixels. */
  blur?: number;
  /** Fine specks over all of it: how strong, 0 to 1, and whether they move. */
  grain?: { amount: number; moves?: boolean };
}

export type PictureFit = (typeof PICTURE_FITS)[number];
/** `whole`: so many whole times its own size as there is room for, so that each of its pixels is as large as the next. */
export const PICTURE_FITS = ['contain', 'cover', 'stretch', 'whole'] as const;
