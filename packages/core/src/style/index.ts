export {
  boxLook,
  boxStyle,
  colourOf,
  gradientOf,
  inStates,
  textLook,
  textStyle,
  type DrawnBox,
  type DrawnPicture,
} from './looks';
export { dressed } from './dressed';
export { dressedInKit, kitOf } from './kit';
export { MARKER, markerOf, markerPart, markerRects } from './marker';
export { tooltipLook } from './tooltip';
