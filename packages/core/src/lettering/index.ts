export { ENDLESS, letterPlaces, placeAt, placeNear, type LetterPlace } from './typed';
export { capWords, keycapWidth } from './keycap';
export {
  capSize,
  INSET_HEIGHT,
  laySaid,
  namedColour,
  namedPicture,
  namedStyle,
  picturesIn,
  type LetteredBlock,
  type LetteredLine,
  type LetteredRun,
  type Lettering,
} from './runs';
