export { InputPanel } from './InputPanel';
export { LanguageSwitch } from './LanguageSwitch';
export { LivePane } from './LivePane';
export { Mute } from './Mute';
export { StillPane } from './StillPane';
