export { Fields } from './Fields';
