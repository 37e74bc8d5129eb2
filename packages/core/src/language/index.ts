export { inLanguage, inStretched, STRETCHED, stretched, wordingsOf, type Wording } from './language';
