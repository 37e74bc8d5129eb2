export {
  effectWords,
  KIND_WORDS,
  defaultWords,
  motionWords,
  orderWords,
  ruleWords,
  sentenceOf,
  sentenceText,
} from './sentence';
export { timeToRead } from './reading';
export { wordsShown } from './shown';
export { outcomeWords, reasonWords } from './outcome';
