export { base64 } from './base64';
