export { compile, frameOf, type CompileOptions } from './compile';
export { compileSafely, messageOf, type Fault } from './safely';
export { fieldFor, fillScreen, keyInPath, type Filling } from './fill';
export { DRAWN_WHOLE, placesDrawn, rowRects, type Piece } from './rows';
export { gapId, gapName } from './stand-in';
export type {
  CompiledBar,
  CompiledEffect,
  CompiledLink,
  CompiledList,
  CompiledNotice,
  CompiledScreen,
  Flow,
  Frame,
  Given,
  LinkTable,
  PlacedRow,
} from './types';
export {
  type CompiledOption,
  type CompiledTalk,
  type Op,
  type OpOf,
  type TalkTrouble,
  linesUnder,
  wordingsOf,
} from './ops';
export { type Page, pagesOf, wordsRoom } from './pages';
