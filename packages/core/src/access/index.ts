export { accessOf, inReadingOrder, type Role, type SpokenItem, type SpokenScreen } from './tree';
