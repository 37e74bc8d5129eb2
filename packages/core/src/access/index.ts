export { accessOf, inReadingOrder, type SpokenItem, type SpokenScreen } from './tree';
