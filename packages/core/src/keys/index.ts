export { padCode, padOf, type Rebound } from './codes';
export { actionById, actionKeys, codeName, keysBeside, keyName, padName } from './names';
