export { textWidth, type FontMetrics } from './metrics';
export { breakLines, type Line } from './lines';
export { houseFont, faceName, type FaceName } from './house';
