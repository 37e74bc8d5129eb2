import { bytesFault, openProject, playablePage, readCsv, readXliff, saveProject } from '@tavu/core/exchange';
import { readMetrics } from '@tavu/core/font';
import { readDocument, readProject } from '@tavu/core/schema';
import { packFace } from '@tavu/core/text';
import { expose } from 'comlink';
import { READY } from './ready';

// Reading, checking and writing files away from the page, so that a large one never holds up typing.

/** What the letters of a font measure. Fails when the bytes are no font. */
const readFont = (bytes: Uint8Array) => packFace(readMetrics(bytes.slice().buffer as ArrayBuffer));

const files = {
  bytesFault,
  openProject,
  playablePage,
  readCsv,
  readDocument,
  readFont,
  readProject,
  readXliff,
  saveProject,
};

export type Files = typeof files;

expose(files);
// What is sent before this would be lost: the worker's parts arrive one by one.
postMessage(READY);
