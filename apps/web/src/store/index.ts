export { TOOLS, addDrawn, addElement, addSet, putPicture, type Tool } from './add';
export { copiedScreens, pasteScreens, readCopied, withBytes } from './copying';
export { isWriting, useSteps } from './gestures';
export { useKeeping } from './keeping';
export { sourcesOf, type PageSources } from './sources';
export { useSkin, wear } from './skin';
export { languagesOf, speak, spokenBy, translating, useLanguage } from './language';
export {
  NOTHING,
  addBytes,
  choose,
  chooseAlso,
  chooseElementAlso,
  chooseLink,
  chosenElements,
  chosenScreens,
  edit,
  endStep,
  openInStudio,
  notify,
  setPlays,
  undoRedo,
  useStudio,
} from './store';
export { readUnit, setUnit, useMoments, useUnits } from './units';
export { setView, useView } from './view';
