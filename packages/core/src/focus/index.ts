export { isUsed, solveFocus, type FocusGraph } from './graph';
export { DIRECTIONS, liesIn, navigationDistance, type Direction } from './distance';
