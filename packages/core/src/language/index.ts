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
export { tableCounts, textTable, type TextRow } from './table';
