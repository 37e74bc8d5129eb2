export { awayOn, canUse, NONE_AWAY, ruledAway, tabUp } from './away';
export { arrivalFocus, focusMove, isDirection, setFocus, settleFocus, usableNow } from './focus';
export { isPress, isSameSpot, noteResting, restOn, TOOLTIP_AFTER, tooltipOn } from './resting';
export { scroll, scrollOf } from './scroll';
