export { CARD, leadsTo, planMap, type MapCard, type MapPlan } from './place';
export { planLines, pointOn, type MapLine, type Point } from './lines';
