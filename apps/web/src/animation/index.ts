export { Animations } from './Animations';
export { Keyframes } from './Keyframes';
export { LoadingPanel } from './LoadingPanel';
export { TextFrameFields } from './TextFrames';
export { Timing } from './Timing';
export { stayOf } from './stay';
