export { paintLine, paintRun, paintStill } from './run';
export { shownOn, type Words } from './content';
export { contains } from './contains';
export {
  caretTest,
  elementsAt,
  dragTest,
  gripMoved,
  gripTest,
  hitTest,
  scrollTest,
  tooltipTest,
  turned,
  type Grip,
} from './hit';
export { contrast, type Tones, type TonesOf } from './behind';
export { faintTexts, type Faint } from './faint';
export { overflowOf, type Overflow } from './overflow';
export { wornSources } from './worn';
export { toSvg, type Sources } from './svg';
export type { Pose } from './pose';
export { svgFrame, svgText, type SvgNode } from './node';
export { pickResolution } from './resolution';
