import {
  bytesFault,
  EXPORTS,
  readAs,
  readGroups,
  readLayers,
  readRows,
  writeAs,
  type Exported,
  type ExportName,
} from '@tavu/core/exchange';
import { readFace } from '@tavu/core/font';
import { readDocument, readProject } from '@tavu/core/schema';
import { expose } from 'comlink';
import { playerParts } from './built';
import { cellsOfPicture } from './gaps';
import { READY } from './ready';

// Reading, checking and writing files away from the page, so that a large one never holds up typing.

/** What is kept of a font. Fails when the bytes are no font. */
const readFont = (bytes: Uint8Array) => readFace(bytes.slice().buffer as ArrayBuffer);

/** Writes something; what plays by itself gets the player. */
async function write<Of extends keyof Exported>(format: string, of: Of, given: Exported[Of]) {
  const { plays } = EXPORTS[format as ExportName] as { plays?: true };
  return writeAs(format, of, plays ? { ...given, parts: await playerParts() } : given);
}

const files = {
  bytesFault,
  cellsOfPicture,
  readAs,
  readDocument,
  readFont,
  readGroups,
  readLayers,
  readProject,
  readRows,
  writeAs: write,
};

export type Files = typeof files;

expose(files);
// What is sent before this would be lost: the worker's parts arrive one by one.
postMessage(READY);
