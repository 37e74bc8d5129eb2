export { linkTroubles, screenTroubles, troublesOf, type Trouble } from './troubles';
