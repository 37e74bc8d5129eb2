export { inLanguage, inStretched, STRETCHED, stretched, wordingsOf, type Wording } from './language';
export { tableCounts, textTable, type TextRow } from './table';
