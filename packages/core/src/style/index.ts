export { boxLook, boxStyle, colourOf, gradientOf, inStates, textLook, textStyle } from './looks';
export { MARKER, markerOf, markerPart, markerRects } from './marker';
export { tooltipLook } from './tooltip';
