export { boxLook, boxStyle, colourOf, gradientOf, inStates, textLook, textStyle } from './looks';
