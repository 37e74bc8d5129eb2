export { paintLine, paintRun, paintStill } from './run';
export { shownOn, type Words } from './content';
export { contains } from './contains';
export { elementsAt, dragTest, hitTest, scrollTest, tooltipTest, turned } from './hit';
export { overflowOf, type Overflow } from './overflow';
export { toSvg, type Sources } from './svg';
export type { Pose } from './pose';
export { svgFrame, svgText, type SvgNode } from './node';
export { pickResolution } from './resolution';
