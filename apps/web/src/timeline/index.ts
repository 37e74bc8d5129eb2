export { TimeStrip } from './TimeStrip';
