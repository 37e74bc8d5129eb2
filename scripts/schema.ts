/** Writes the published JSON Schema of a project file. */
import { writeFileSync } from 'node:fs';
import { projectJsonSchema } from '../packages/core/src/schema';

writeFileSync(
  new URL('../docs/project.schema.json', import.meta.url),
  JSON.stringify(projectJsonSchema(), null, 1) + '\n',
);
