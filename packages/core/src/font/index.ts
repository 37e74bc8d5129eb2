export { readMetrics } from './font-file';
