export { compile, frameOf, type CompileOptions } from './compile';
export { compileSafely, messageOf, type Fault } from './safely';
export { gapId, gapName } from './stand-in';
export type {
  CompiledBar,
  CompiledEffect,
  CompiledLink,
  CompiledNotice,
  CompiledScreen,
  Flow,
  Frame,
  Given,
  LinkTable,
} from './types';
export {
  type CompiledOption,
  type CompiledTalk,
  type Op,
  type OpOf,
  type TalkTrouble,
  linesUnder,
} from './ops';
export { type Page, pagesOf, wordsRoom } from './pages';
