export {
  group,
  type Anchor,
  type GrainItem,
  type GroupItem,
  type Item,
  type PictureItem,
  type TextItem,
} from './items';
export { NORMAL, type RenderState } from './looks';
export { heldBy, indexOf, shareOf, wordsOf, type Held } from './held';
export { controlStyleOf, type ControlStyle } from './face';
export { codeOn } from './codes';
export { keycapItems, keycapWidth } from './caps';
export { ringed } from './focused';
export { box, bubblePath, CLEAR, grown, inset, plain, text, typedItems, typedOut } from './shapes';
