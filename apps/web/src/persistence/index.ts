export * as db from './db';
export * as writer from './writer';
export { BusyNote } from './BusyNote';
export { builtDemo, fontAddresses } from './built';
export {
  askToLast,
  fetchPlayed,
  fetchProject,
  forgetProject,
  keepPlayed,
  keepProject,
  listProjects,
  roomLeft,
  storageFault,
  type ProjectRow,
  type Room,
} from './db';
export { Stopped, files, openFile, patiently, readFile, saveAs } from './files';
export { whileClosed } from './writer';
