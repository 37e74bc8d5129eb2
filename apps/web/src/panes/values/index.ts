export { Fields } from './Fields';
export { Unfold, UseList } from './UseList';
export { NO_USES, usesOf, type Uses } from './uses';
