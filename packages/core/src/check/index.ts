export { clashesOf, type Clash } from './clashes';
export { linkTroubles, screenTroubles, troublesOf, type Trouble } from './troubles';
