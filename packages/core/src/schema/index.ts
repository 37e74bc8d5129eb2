export { projectSchema } from './joi';
export { projectJsonSchema } from './json-schema';
export type { Problem } from './explain';
export { readDocument, readProject, type ReadResult } from './read';
export { writeProject } from './write';
