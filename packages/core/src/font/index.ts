export { readFace, readMetrics } from './font-file';
