export { codeFor, isTouchCode, padCode, padOf, touchCode, touchedBy, type Rebound } from './codes';
export { actionById, actionKeys, codeName, keysBeside, keyName, padName } from './names';
