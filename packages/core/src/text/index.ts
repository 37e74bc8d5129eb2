export { evenFigures, FIGURES, letterStarts, packFace, textWidth, type FontMetrics } from './metrics';
export { breakLines, cutLines, type Line } from './lines';
export { fits, layRuns, layText, type Block, type BlockLine } from './block';
export type { LaidRun, Run } from './runs';
export { builtInFont, BUILT_IN_FACES, familyOf, fontOf, type Face, type FaceName } from './built-in';
