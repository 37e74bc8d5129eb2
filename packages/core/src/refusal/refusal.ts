import type { Id } from '../model';

/**
 * Why a file, or something in one, is not taken in, and what to do about it: each as a code, its parameters, and its
 * words.
 */

/** All of them, or the first where there are more than are read. */
const few = (words: readonly string[]): string =>
  words.length <= FEW
    ? list(words)
    : `${words.slice(0, FEW).join(', ')} or one of ${words.length - FEW} others`;
const FEW = 8;

const list = (words: readonly string[]): string =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} or ${words.at(-1)}` : words.join();

const millions = (n: number): number => n / 1_000_000;

/** Any file. */
const FILES = {
  empty: () => 'The file is empty.',
  stopped: () => 'It was stopped before all of it was read.',
  unread: () => 'It could not be read to its end.',
  gone: () => 'It is not there any more.',
  'too many characters': (p: { max: number }) => `It is larger than ${millions(p.max)} million characters.`,
  'too many bytes': (p: { max: number }) => `It is larger than ${millions(p.max)} MB.`,
  /** As a parser or the browser puts it. */
  fault: (p: { says: string }) => p.says,
};

/** A project, in its file. */
const DOCUMENTS = {
  'no project': () => 'It is not a Tavu project: a project is an object with a “format” number.',
  'newer format': (p: { format: number; known: number }) =>
    `It is format ${p.format}; this version reads up to ${p.known}. Open it with a newer Tavu.`,
  'no JSON': (p: { text: string }) => `This is not JSON: “${p.text}” cannot stand here.`,
  'cut short': () => 'The file ends in the middle. It may not have been copied whole.',
  'too deep': (p: { max: number }) => `It is nested more than ${p.max} deep.`,
  'too many': (p: { max: number; has: number }) => `It can hold ${p.max} things at most; it holds ${p.has}.`,
  'forbidden key': (p: { key: string }) => `A key named “${p.key}” is not allowed.`,
  'unknown key': () => 'A key of this name cannot stand here.',
  'no fit': (p: { name: string }) => `It cannot stand in ${p.name}.`,
  'holds itself': (p: { what: 'area' | 'element' }) => `The ${p.what} holds itself.`,
  'there twice': (p: { text: string }) => `“${p.text}” is there twice.`,
  'used twice': (p: { id: Id }) => `“${p.id}” is used twice.`,
  'too many elements': (p: { name: string; max: number; has: number }) =>
    `${p.name} can hold ${p.max} elements at most; it holds ${p.has}.`,
  'elements too deep': (p: { name: string; max: number }) =>
    `On ${p.name} elements hold one another more than ${p.max} deep.`,
  'too many in all': (p: { max: number; has: number }) =>
    `With what components hold they have ${p.has} elements; ${p.max} is the most.`,
};

/** A value somewhere in it. `is` is how it is shown. */
const VALUES = {
  required: () => 'It is required.',
  'none of these': (p: { known: readonly string[]; is: string; meant: string | null }) =>
    `It can be ${few(p.known)}; it is ${p.is}.${p.meant === null ? '' : ` Did you mean ${p.meant}?`}`,
  'reserved word': (p: { is: string }) =>
    `${p.is} is a word that every object of a program has, and can be no id.`,
  'empty text': () => 'It cannot be empty.',
  'too long': (p: { max: number; has: number }) =>
    `It can have ${p.max} characters at most; it has ${p.has}.`,
  'too small': (p: { min: string; is: string }) => `It can be ${p.min} at least; it is ${p.is}.`,
  'too large': (p: { max: string; is: string }) => `It can be ${p.max} at most; it is ${p.is}.`,
  'should be': (p: { what: string; is: string }) => `It should be ${p.what}; it is ${p.is}.`,
  'no number': () => 'It should be a number.',
};

/** A zip file. */
const BUNDLES = {
  'damaged zip': () => 'It is damaged and cannot be unpacked.',
  'too many files': (p: { max: number }) => `It holds more than ${p.max} files.`,
  'unpacks too large': (p: { max: number }) => `It unpacks to more than ${millions(p.max)} MB.`,
  'no project.json': () => 'There is no project.json in it.',
  'layers on no screen': () => 'Choose the screen that its layers go on, and bring it in again.',
  'no stack.xml': () => 'There is no stack.xml in it, which says what layers it has.',
  'damaged stack': () => 'What it says of its layers is damaged. Save it anew as OpenRaster.',
  'no groups': () => 'It has no groups at its top, which could be layers.',
  'too many layers': (p: { max: number }) => `It has more than ${p.max} layers. Merge some of them.`,
  'path outside': (p: { path: string }) =>
    `A layer is to be read from “${p.path}”, which is outside the file.`,
  'layer without picture': (p: { path: string }) => `The picture “${p.path}” of a layer is not in it.`,
};

/** A picture, font or sound. */
const ASSETS = {
  'unknown media': () =>
    'It is no picture, font or sound that is known here: PNG, JPEG, WebP, SVG, WOFF, TTF, OTF, WAV, Ogg, MP3.',
  'not as named': (p: { media: string }) => `It says that it is ${p.media}, and is not.`,
  damaged: (p: { what: 'picture' | 'font' | 'sound' | null }) =>
    p.what === null ? 'It is damaged.' : `The ${p.what} is damaged.`,
  'picture cut short': () => 'The picture is damaged: it ends in the middle.',
  'too wide': (p: { width: number; height: number; max: number }) =>
    `It is ${p.width} × ${p.height} pixels; ${p.max} on a side is the most.`,
  WOFF2: () => 'WOFF2 cannot be measured here. Bring the font as WOFF, TTF or OTF.',
  'no outline': () => 'There is no outline in it: no path, polygon, line, rectangle or circle.',
  'too many points': (p: { max: number; has: number }) =>
    `Its outlines have ${p.has} points; ${p.max} is the most.`,
  'no sound': () => 'It is no sound.',
  'another sort': (p: { name: string; was: string; is: string }) =>
    `${p.name} is a ${p.was}; this is a ${p.is}.`,
};

/** A drawing in SVG. */
const DRAWINGS = {
  script: () => 'It contains a script. Save it without, as a plain drawing.',
  elsewhere: () => 'It loads something from elsewhere. Embed that in the drawing itself.',
  entities: () => 'It defines entities of its own. Save it as a plain drawing.',
  'web page': () => 'It contains a piece of a web page. Save it as a plain drawing.',
  moves: () => 'It is animated. Save it without animation, and animate it here.',
  'no drawing': () => 'It is no SVG drawing: it has no “svg” element.',
  'ill-formed': (p: { line: number | null }) =>
    `It is damaged${p.line === null ? '' : `, in line ${p.line}`}: it is no well-formed drawing.`,
  'no part': (p: { name: string }) =>
    `It contains “${p.name}”, which a plain drawing cannot have. Remove it.`,
  'no attribute': (p: { name: string }) =>
    `It has the attribute “${p.name}”, which a plain drawing cannot have. Remove it.`,
  'fine noise': () => 'Its noise is finer than can be drawn. Simplify it.',
  'hidden styles': () =>
    'Its styles are written in a way that cannot be checked. Save it as a plain drawing.',
  'too many parts': (p: { max: number }) => `It has more than ${p.max} elements. Simplify it.`,
  'parts too deep': (p: { max: number }) => `It is nested more than ${p.max} deep. Simplify it.`,
  'uses itself': () => 'An element of it uses itself through “use”. Remove that reference.',
  'draws too much': (p: { max: number }) =>
    `With repeated elements it draws more than ${p.max} things. Simplify it.`,
};

/** What a translator sends back. */
const TEXTS = {
  'no columns': () => 'The first row has to name the columns, “key” and “target” among them.',
  'row too long': (p: { has: number; max: number }) => `It has ${p.has} columns, and the first has ${p.max}.`,
  'no XLIFF': () => 'It is no XLIFF: it has no “xliff” element.',
  'another XLIFF': (p: { version: string }) =>
    `It is XLIFF ${p.version || 'of no version'}; this reads XLIFF 2.`,
  'document type': () => 'A document type is not allowed here.',
  'no code point': () => 'A code point (cp) cannot be read.',
};

const SAYS = { ...FILES, ...DOCUMENTS, ...VALUES, ...BUNDLES, ...ASSETS, ...DRAWINGS, ...TEXTS };
type Says = typeof SAYS;
export type RefusalCode = keyof Says;
type Params<C extends RefusalCode> = Parameters<Says[C]> extends [infer P] ? P : Record<never, never>;

/** Why something is not taken in, as data. */
export type Refusal = { [C in RefusalCode]: { code: C; params: Params<C> } }[RefusalCode];

/** A refusal and where in the file it is: `screens[2].elements[0].place`, or `line 12, column 4`. */
export type Problem = Refusal & { place: string };

/** A refusal by its code. */
export const refusal = <C extends RefusalCode>(
  code: C,
  ...[params]: Parameters<Says[C]>
): Extract<Refusal, { code: C }> => ({ code, params: params ?? {} }) as Extract<Refusal, { code: C }>;

/** The longest that is said of a refusal, in characters: what it quotes may be long. */
const MAX_SAID = 400;

/** Why it is refused, in a sentence or two. */
export const refusalWords = ({ code, params }: Refusal): string =>
  SAYS[code](params as never).slice(0, MAX_SAID);

/** The same with its place before it. */
export const problemWords = (problem: Problem): string => `${problem.place}: ${refusalWords(problem)}`;
