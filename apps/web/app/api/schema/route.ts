import { projectJsonSchema } from '@tavu/core/schema';

/** The published schema of a project file. */
export function GET(): Response {
  return Response.json(projectJsonSchema(), { headers: { 'content-type': 'application/schema+json' } });
}
