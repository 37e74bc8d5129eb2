export { blankIn } from './blankIn';
export { newSentenceIn } from './NewSentence';
export { Sentence } from './Sentence';
export { SentenceList } from './SentenceList';
export { whenPressed } from './whenPressed';
