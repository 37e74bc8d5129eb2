export { compile, padCode } from './compile';
export { gapId, gapName } from './stand-in';
export type { CompiledLink, CompiledScreen, Flow, LinkTable } from './types';
