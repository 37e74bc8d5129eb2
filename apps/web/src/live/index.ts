export { LivePane } from './LivePane';
export { StillPane } from './StillPane';
