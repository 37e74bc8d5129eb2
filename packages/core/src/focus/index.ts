export { isUsed, solveFocus, type FocusGraph, type Ways } from './graph';
export { liesIn, navigationDistance } from './distance';
export { lostIn, movesOf, OPPOSITE, type Move } from './troubles';
