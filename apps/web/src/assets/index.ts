export {
  ACCEPTED,
  FRESH_PLAYS,
  askFiles,
  bringFiles,
  bringSound,
  replaceAsset,
  sortWord,
  type Refused,
} from './bring';
export { CutEditor } from './CutEditor';
export { useSoundAssets } from './sounds';
export { findSolid } from './solid';
export { usesOf } from './uses';
