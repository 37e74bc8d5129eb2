export { facesAt, syncFaces } from './faces';
export { visibilityOf, canUse, ALL_VISIBLE, conditionalVisibility, tabUp } from './visibility';
export { arrivalFocus, focusMove, isDirection, nearest, setFocus, settleFocus, usableNow } from './focus';
export { isPress, isSameSpot, noteResting, restOn, TOOLTIP_AFTER, tooltipOn } from './resting';
export { mostOf, scroll, scrollOf } from './scroll';
