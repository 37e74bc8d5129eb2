export { Notes } from './Notes';
export { notesWords, openNotes } from './open';
export { OpenNotes, pinnedTo } from './OpenNotes';
export { showNote } from './showNote';
