export { packFace, textWidth, type FontMetrics } from './metrics';
export { breakLines, cutLines, type Line } from './lines';
export { fits, layText, type Block } from './block';
export { fontOf, builtInFont, BUILT_IN_FACES, type FaceName } from './built-in';
