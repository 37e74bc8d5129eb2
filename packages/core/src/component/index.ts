export { argumentsOf, changed, componentById, elementAt, expand, LOOKS, pathOf } from './expand';
