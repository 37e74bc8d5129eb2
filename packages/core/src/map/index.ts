export {
  areaAt,
  CARD,
  LAYERS,
  ordersToKeep,
  planMap,
  type MapArea,
  type MapCard,
  type MapPlan,
} from './place';
export { planLines, pointOn, type MapLine, type Point } from './lines';
export { leadsTo, rowsToKeep, countSteps, nodesOf } from './steps';
export { cellKey, planGrid, type Grid } from './grid';
export { sameMap } from './same';
