export { EventsPane } from './EventsPane';
