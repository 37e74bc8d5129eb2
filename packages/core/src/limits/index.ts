export { DEEPEST_ELEMENTS, MOST, MOST_IN_ALL, MOST_LINKS, pastLimits } from './limits';
