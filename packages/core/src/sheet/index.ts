export { CLEAR_BELOW, cellsByGaps, type ReadRows } from './gaps';
export { numberedLike, numberedPictures } from './numbered';
