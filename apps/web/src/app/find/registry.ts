import { areas } from './areas';
import { docked } from './docked';
import { findings } from './findings';
import type { Finder } from './finds';
import { lines } from './lines';
import { notes } from './notes';
import { places } from './places';
import { putOn } from './putOn';
import { elements, screens } from './screens';
import { newSentences, sentences } from './sentences';
import { todo } from './todo';
import { events, values } from './values';

/** Everything that can be found, in the order it is listed in. */
export const FINDERS: Record<string, Finder> = {
  screens,
  elements,
  sentences,
  lines,
  areas,
  values,
  events,
  notes,
  todo,
  docked,
  newSentences,
  putOn,
  places,
  findings,
};
