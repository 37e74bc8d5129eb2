export { InputPanel } from './InputPanel';
export { LanguageSwitch } from './LanguageSwitch';
export { LivePane } from './LivePane';
export { Mute } from './Mute';
export { SkinSwitch } from './SkinSwitch';
export { StillPane } from './StillPane';
