export {
  solveLayout,
  solveAxis,
  placeIn,
  toPixels,
  moveAxis,
  OWN,
  PERCENT,
  type Rect,
  type Solved,
} from './solve';
