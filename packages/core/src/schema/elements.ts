import { AUTHOR, common } from '../elements/author';
import { oneBy } from '../fields';

/** One element of any type. */
export const elementSchema = oneBy(
  'type',
  Object.fromEntries(Object.entries(AUTHOR).map(([type, { fields }]) => [type, fields])),
  common,
);
