export type { Item } from './items';
export { paintRun, paintStill } from './run';
export { boxLook, textLook } from './looks';
export { hitTest, contains } from './hit';
export { svgFrame, svgText, toSvg, type Sources, type SvgNode } from './svg';
