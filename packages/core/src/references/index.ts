export { eachPlace, placesOf } from './project';
export { ownerNames } from './owners';
export { scopeAround } from './scope';
export { letGo, put } from './put';
export type {
  Around,
  ExpressionPlace,
  Gone,
  IdPlace,
  OwnPlace,
  Path,
  Place,
  TextPlace,
  Thing,
} from '../walk';
