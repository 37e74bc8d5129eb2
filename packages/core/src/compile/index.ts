export { compile, frameOf, padCode, type CompileOptions } from './compile';
export { compileSafely, messageOf, type Fault } from './safely';
export { gapId, gapName } from './stand-in';
export type {
  CompiledEffect,
  CompiledLink,
  CompiledNotice,
  CompiledScreen,
  Flow,
  Frame,
  Given,
  LinkTable,
} from './types';
