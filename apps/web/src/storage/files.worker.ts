import { openProject, playablePage, saveProject } from '@tavu/core/exchange';
import { readDocument, readProject } from '@tavu/core/schema';
import { expose } from 'comlink';
import { READY } from './ready';

/** Reading, checking and writing files away from the page, so that a large one never holds up typing. */
const files = { openProject, saveProject, playablePage, readDocument, readProject };

export type Files = typeof files;

expose(files);
// What is sent before this would be lost: the worker's parts arrive one by one.
postMessage(READY);
