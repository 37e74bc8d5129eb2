export { useKeying } from './keying';
export { flag } from './keys';
export { chosenTops, moved, placeWritten, putRects, putSize, reachedOn, roomOf, type Reached } from './reach';
export { useDrawnFindings } from './useDrawnFindings';
export { editedOf } from './topmost';
