export {
  group,
  type Anchor,
  type GrainItem,
  type GroupItem,
  type Item,
  type PictureItem,
  type PlacedLine,
  type PlacedRun,
  type TextItem,
} from './items';
export { NORMAL, type RenderState, type TypingPlace } from './render-state';
export { heldBy, indexOf, shareOf, wordsOf, type Held } from './held';
export { controlStyleOf, statesOf, type ControlStyle } from './control-style';
export { codeOn } from './codes';
export { keycapItems } from './keycaps';
export { BEATS, beating, saidText, typedItems, typedOut } from './said';
export { text } from './text';
export { filledFrom, partAbout, partOf, type DrawnPart } from './part';
export { cutOut, filledRow, ringPath } from './bars';
export { framed, pictured } from './fitted';
export {
  fittedLines,
  linesOf,
  movedPoint,
  outlineOf,
  pointsAlong,
  turnedPoint,
  withPoint,
  withPointAfter,
} from './outline';
export { ellipse, lined, outlined, ovalPath } from './outlined';
export { ringed } from './focused';
export { box, bubbleFace, bubblePath, CLEAR, grown, inset, plain } from './shapes';
