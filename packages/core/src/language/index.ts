export {
  changesTo,
  inLanguage,
  inStretched,
  STRETCHED,
  stretched,
  wordingsOf,
  type Wording,
} from './language';
export { preferredLanguage } from './preferred';
export { foundIn, type Found, type Wanted } from './replace';
export { tableCounts, textTable, type TextRow } from './table';
