export { Boxed } from './Boxed';
export { settingsOf } from './registry';
export { Words } from './rows';
