export * from './types';
export * from './look';
export * from './motion';
export * from './element';
export * from './shape';
export * from './sheet';
export * from './skin';
export * from './conversation';
export * from './input';
export * from './sound';
export * from './duration';
export * from './kinds';
export * from './language';
export * from './layer';
export * from './list';
export * from './note';
export * from './names';
export * from './changes';
export { freshId } from './ids';
export * from './asset';
export { copyOf, isAlike, lean } from './plain';
export { blankProject, FORMAT, USUAL_ACTIONS } from './blank';
export {
  byId,
  bySource,
  withId,
  screenById,
  linksFrom,
  elementById,
  targetName,
  layerName,
  layerWord,
  titleCase,
  childrenOf,
} from './look-up';
export {
  areasAround,
  fitScalar,
  identifierOf,
  LANGUAGE,
  languageValue,
  scalarWords,
  screensIn,
  valueById,
  valuesOf,
  zeroOf,
} from './values';
