import type {
  Animation,
  Placement,
  Background,
  BoxFace,
  BoxLook,
  BoxStyle,
  BoxUse,
  FacePicture,
  Gradient,
  Keyframe,
  Marker,
  Mask,
  Outline,
  Plays,
  Shadow,
  Stop,
  TextLook,
  TextStyle,
  TextUse,
} from '../model';
import { choose, type Among, id, list, orElse, own, plain, record, type Fields, type Part } from './shape';

/** Where looks, places and animations name colours, styles, assets, events and siblings. */

const named = id('colour');
const colour: Part<string> = (value, walk) => {
  if (!value.startsWith('#')) named(value, walk);
};
const optionalAsset = id('asset', { gone: 'left out' });

export const shadow = record<Shadow>({ colour });
export const mask = record<Mask>({ asset: id('asset', { gone: 'holder' }) });
const outline = record<Outline>({ colour });
const gradient = record<Gradient>({ stops: list(record<Stop>({ colour })) });

const keyframe = record<Keyframe>({ at: plain, tint: colour, easing: plain });
export const animation = record<Animation>({
  id: own('animation', (walk) => walk.key),
  on: orElse(record<{ event: string }>({ event: id('event') })),
  delay: plain,
  frames: list(keyframe),
});
export const plays = record<Plays>({
  on: orElse(record<{ event: string }>({ event: id('event') })),
  delay: plain,
});

const textLook: Fields<TextLook> = {
  font: id('asset', { gone: { put: 'plain' }, but: ['plain', 'display'] }),
  colour,
  fit: plain,
  gradient,
  picture: optionalAsset,
  outline,
  outlines: list(outline),
  shadow,
  shadows: list(shadow),
};
export const textUse = record<TextUse>({
  ...textLook,
  style: id('text style'),
  font: id('asset', { gone: 'left out', but: ['plain', 'display'] }),
});
export const textStyle = record<TextStyle>({ id: own('text style'), name: plain, ...textLook });

const facePicture = record<FacePicture>({
  asset: id('asset', { gone: 'holder' }),
  slice: plain,
  tint: colour,
});
const faceFields: Fields<BoxFace> = {
  fill: colour,
  border: colour,
  ink: colour,
  gradient,
  picture: orElse(facePicture),
  shadow,
  outline,
  sound: optionalAsset,
  nudge: plain,
};
const face = record<BoxFace>(faceFields);
const marker = record<Marker>({
  asset: id('asset', { gone: 'holder' }),
  loop: record<NonNullable<Marker['loop']>>({ frames: list(keyframe) }),
});
const boxLook: Fields<BoxLook> = {
  ...faceFields,
  hovered: face,
  focused: face,
  pressed: face,
  on: face,
  disabled: face,
  marker,
  dashes: plain,
  fades: plain,
};
export const boxUse = record<BoxUse>({ style: id('box style'), ...boxLook });
export const boxStyle = record<BoxStyle>({ id: own('box style'), name: plain, ...boxLook });

export const background = record<Background>({ colour, gradient, picture: optionalAsset, grain: plain });
export const namedColour = record<{ id: string; name: string; colour: string }>({
  id: own('colour'),
  name: plain,
  colour: plain,
});

const beside = record<Among<Placement, 'at', 'start'>>({
  offset: plain,
  size: plain,
  to: id('element', { within: (walk) => walk.holder }),
});
export const axis = choose<Placement, 'at'>('at', {
  start: beside,
  centre: beside,
  end: beside,
  stretch: record<Among<Placement, 'at', 'stretch'>>({ offset: plain, far: plain }),
});
export { colour, optionalAsset };
