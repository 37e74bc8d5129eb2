export { BoxLookFields } from './BoxLookFields';
export { TextLookFields } from './TextLookFields';
export { GradientFields, ShadowFields } from './effects';
export { Exceptions, Shared, without } from './exceptions';
export { Pick, Switched } from './parts';
export { StyleChoice } from './StyleChoice';
export { firstSlice, SliceEditor } from './SliceEditor';
