export { CARD, leadsTo, planMap, type MapCard, type MapPlan } from './place';
export { planLines, pointOn, LABEL, type MapLine, type Point } from './lines';
