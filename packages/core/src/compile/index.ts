export { compile, padCode, textParts } from './compile';
export { gapId, gapName } from './stand-in';
export type {
  CompiledEffect,
  CompiledLink,
  CompiledNotice,
  CompiledScreen,
  Flow,
  Given,
  LinkTable,
  TextPart,
} from './types';
