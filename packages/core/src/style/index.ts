export {
  boxLook,
  boxStyle,
  colourOf,
  gradientOf,
  inColour,
  inStates,
  textLook,
  textStyle,
  type DrawnBox,
  type DrawnPicture,
} from './looks';
export { dressed } from './dressed';
export { dressedInKit, kitMatches, kitOf, type KitMatch } from './kit';
export { MARKER, markerOf, markerPart, markerRects } from './marker';
export { fileInSkin, inSkin } from './skin';
export { tooltipLook } from './tooltip';
