export { solveLayout, solveAxis, toPixels, OWN, ownOf, PERCENT } from './solve';
export { moveAxis, reparentAxis, resizeAxis, anchorAxis, attachAxis, holdAxisBy, shift, tidy } from './place';
export { innerRoom } from './arrange';
export {
  alignTo,
  around,
  EVERY_EDGE,
  gapsAround,
  snap,
  spanOf,
  spread,
  type Edge,
  type Gap,
  type SnapLine,
  type Snapped,
} from './snap';
export {
  counterpart,
  matched,
  measure,
  MEASURES,
  nearMatches,
  type Measure,
  type NearMatch,
} from './siblings';
