export { Animations } from './Animations';
export { Keyframes } from './Keyframes';
export { LoadingPanel } from './LoadingPanel';
export { TextFrameFields } from './TextFrames';
export { stayOf } from './stay';
