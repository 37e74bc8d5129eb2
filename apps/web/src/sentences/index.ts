export { blankIn } from './Blank';
export { Sentence } from './Sentence';
export { SentenceList } from './SentenceList';
