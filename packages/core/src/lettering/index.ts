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
