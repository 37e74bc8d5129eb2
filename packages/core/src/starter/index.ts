export { draftScreen, noticeOf, screenOfKind } from './draft';
export { firstWords } from './dialogue';
export { projectFromNames, USUAL_SCREENS } from './flow';
export { at, button, centre, end, panel, start, body } from './pieces';
export { askFirst, isConfirm } from './confirm';
export { areaForHud, isHudName, layersFor } from './huds';
export { freshElement } from './fresh';
export { largeProject } from './large';
export { offersOf } from './offers';
