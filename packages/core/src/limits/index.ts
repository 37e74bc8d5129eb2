export { DEEPEST_ELEMENTS, MAX_ITEMS, MAX_IN_ALL, MAX_LINKS, pastLimits } from './limits';
