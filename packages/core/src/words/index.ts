export {
  cueLabel,
  effectWords,
  KIND_WORDS,
  houseWords,
  motionWords,
  orderWords,
  ruleWords,
  sentenceOf,
  sentenceText,
  SINCE_WORDS,
  WHEN_WORDS,
  type Piece,
  type Slot,
} from './sentence';
export { timeToRead } from './reading';
export { wordsShown } from './shown';
export { outcomeWords, reasonWords } from './outcome';
