export { Actions } from './Actions';
