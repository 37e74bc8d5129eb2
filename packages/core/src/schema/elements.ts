import { common, FIELDS } from '../elements/fields';
import { oneBy } from '../fields';

/** One element of any type. */
export const elementSchema = oneBy('type', FIELDS, common);
