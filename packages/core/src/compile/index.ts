export { compile, frameOf, padCode } from './compile';
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
