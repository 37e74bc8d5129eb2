export {
  calls,
  INSET,
  lasts,
  MOVES,
  nameInMark,
  writtenMark,
  type Inset,
  type Lasting,
  type Mark,
  type Move,
} from './mark';
export { asWords, tokensOf, type Token } from './tokens';
export { lettersOf } from './letters';
export {
  countLetters,
  movesWords,
  namedIn,
  partOf,
  piecesOf,
  withMarks,
  withoutMarks,
  withoutPace,
  type Piece,
} from './read';
export { pressMark, putIn, type Pressed } from './press';
