export {
  solveLayout,
  solveAxis,
  toPixels,
  OWN,
  ownOf,
  PERCENT,
  type Rect,
  type Solved,
  type Span,
} from './solve';
export { moveAxis, resizeAxis, anchorAxis, attachAxis, holdAxisBy, shift, tidy } from './place';
export { innerRoom } from './arrange';
