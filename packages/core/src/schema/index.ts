export { projectSchema } from './joi';
export { projectJsonSchema } from './json-schema';
export { readDocument, readProject, type ReadResult } from './read';
export { writeProject } from './write';
