export * from './types';
export * from './duration';
export * from './kinds';
export * from './names';
export { freshId } from './ids';
export { blankProject, FORMAT } from './blank';
export { screenById, linksFrom, elementById, targetName, titleCase, childrenOf } from './look-up';
export { areasAround, fitScalar, identifierOf, scalarWords, screensIn, valueById, zeroOf } from './values';
