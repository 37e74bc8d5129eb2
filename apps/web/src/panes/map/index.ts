export { MapPane } from './MapPane';
export { ScreenList } from './ScreenList';
export { centreOnMap } from './centre';
export { makeScreen } from './makeScreen';
