export { compileAnimation, endOf, sampleAnimation, type CompiledAnimation, type Stirred } from './keyframes';
export { compileFrames, frameAt, lengthOf, type CompiledFrames } from './frames';
export { compileLoading, progressAt, type CompiledLoading } from './loading';
export { READY } from './ready';
export { withKeyframe } from './set';
