export { ACCEPTED, askFiles, bringFiles, bringSound, replaceAsset, sortWord, type Refused } from './bring';
export { useSoundAssets } from './sounds';
export { usesOf } from './uses';
