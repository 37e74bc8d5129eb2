export { packFace, textWidth, type FontMetrics } from './metrics';
export { breakLines, cutLines, type Line } from './lines';
export { fits, layText, type Block } from './block';
export { fontOf, houseFont, HOUSE_FACES, type FaceName } from './house';
