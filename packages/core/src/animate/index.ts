export { compilePlays, playedFrame } from './plays';
export { compileAnimation, endOf, sampleAnimation, type CompiledAnimation, type Stirred } from './keyframes';
export { seedOf, shuffled } from './shuffle';
export { compileFrames, frameAt, lengthOf, type CompiledFrames } from './frames';
export { compileLoading, progressAt, type CompiledLoading } from './loading';
export { READY, READY_WORDS, type ReadyName } from './ready';
export { withKeyframe } from './set';
