export {
  ACCEPTED,
  FRESH_PLAYS,
  askFiles,
  bringFiles,
  bringSound,
  replaceAsset,
  sortWord,
  type Kit,
  type Refused,
} from './bring';
export { bringGroups } from './layers';
export { CutEditor } from './CutEditor';
export { useSoundAssets } from './sounds';
export { findSolid } from './solid';
export { useTones } from './tones';
export { usesOf } from './uses';
