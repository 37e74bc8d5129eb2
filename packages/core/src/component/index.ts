export { argumentsOf, changed, componentById, elementAt, expand, LOOKS, pathOf } from './expand';
export { broughtLinks, linksOn } from './links';
