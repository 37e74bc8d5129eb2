export { compile, frameOf, padCode, textParts } from './compile';
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
  TextPart,
} from './types';
