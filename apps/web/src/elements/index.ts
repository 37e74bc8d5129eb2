export { Boxed } from './Boxed';
export { PART_WORDS } from './partWords';
export { settingsOf } from './registry';
export { Words } from './rows';
