export { CLEAR_BELOW, cellsByGaps, type ReadRows } from './gaps';
export { isSolidAt, SOLID_CELLS, solidOf } from './solid';
export { numberedLike, numberedPictures } from './numbered';
