export type { GroupItem, Item, PictureItem, TextItem } from './items';
export { paintRun, paintStill } from './run';
export { boxLook, boxStyle, colourOf, gradientOf, textLook, textStyle } from './looks';
export { contains, elementsAt, hitTest, turned } from './hit';
export { overflowOf, type Overflow } from './overflow';
export { toSvg, type Sources } from './svg';
export { svgFrame, svgText, type SvgNode } from './node';
export { finestFor } from './finer';
