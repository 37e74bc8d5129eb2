export {
  group,
  type Anchor,
  type GrainItem,
  type GroupItem,
  type Item,
  type PictureItem,
  type TextItem,
} from './items';
export { NORMAL, type Looks } from './looks';
export { heldBy, indexOf, shareOf, wordsOf, type Held } from './held';
export { faceOf, type Face } from './face';
export { codeOn } from './codes';
export { capItems, capWidth } from './caps';
export { ringed } from './focused';
export { box, bubblePath, CLEAR, grown, inset, plain, text, typedItems, typedOut } from './shapes';
