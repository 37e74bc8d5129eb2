import { FORMAT } from '../model';
import { projectSchema } from './joi';

/** What Joi's describe() gives, as far as the project document uses it. */
interface Description {
  type?: string;
  /** Schemas that links in it lead to. */
  shared?: Description[];
  link?: { ref: { path: string[] } };
  flags?: { id?: string; presence?: string; only?: boolean; unknown?: boolean };
  allow?: unknown[];
  invalid?: unknown[];
  keys?: Record<string, Description>;
  patterns?: { regex: string; rule: Description }[];
  items?: Description[];
  /** Of several, or one by a field's words. */
  matches?: { schema?: Description; switch?: { then: Description }[]; otherwise?: Description }[];
  rules?: { name: string; args?: { limit?: number; regex?: string } }[];
}

type JsonSchema = Record<string, unknown>;

/** The published schema (JSON Schema 2020-12), made from the same description that files are checked against. */
export function projectJsonSchema(): JsonSchema {
  const description = projectSchema.describe() as Description;
  const shared = description.shared ?? [];
  const { whole, parts } = onceEach({
    ...convert(description),
    $defs: Object.fromEntries(shared.map((item) => [item.flags!.id!, convert(item)])),
  });
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Tavu project',
    description: `Format ${FORMAT}. Unknown keys are kept.`,
    ...whole,
    $defs: { ...(whole.$defs as JsonSchema), ...parts },
  };
}

/** A schema in which no longer part is written twice: each is named after where it was found first, and referred to. */
function onceEach(schema: JsonSchema): { whole: JsonSchema; parts: JsonSchema } {
  const LONG = 200;
  const counts = new Map<string, number>();
  const count = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return;
    const text = JSON.stringify(value);
    const known = counts.get(text) ?? 0;
    counts.set(text, known + 1);
    if (known === 0) for (const item of Object.values(value)) count(item);
  };
  count(schema);
  const parts: JsonSchema = {};
  const names = new Map<string, string>();
  const taken = new Set(Object.keys(schema.$defs as JsonSchema));
  const nameFor = (key: string): string => {
    for (let n = 1; ; n++) {
      const name = n === 1 ? key : `${key}-${n}`;
      if (!taken.has(name)) {
        taken.add(name);
        return name;
      }
    }
  };
  const put = (value: unknown, key: string): unknown => {
    if (typeof value !== 'object' || value === null) return value;
    if (Array.isArray(value)) return value.map((item) => put(item, key));
    const inner = (): JsonSchema =>
      Object.fromEntries(
        Object.entries(value).map(([name, each]) => [name, put(each, STRUCTURE.has(name) ? key : name)]),
      );
    const text = JSON.stringify(value);
    if (!('type' in value || 'anyOf' in value) || text.length < LONG || counts.get(text)! < 2) return inner();
    let name = names.get(text);
    if (name === undefined) {
      names.set(text, (name = nameFor(key)));
      parts[name] = inner();
    }
    return { $ref: `#/$defs/${name}` };
  };
  return { whole: put(schema, 'project') as JsonSchema, parts };
}

/** Words of the schema language, not names of what is described. */
const STRUCTURE = new Set(['items', 'anyOf', 'properties', 'patternProperties']);

function convert(from: Description): JsonSchema {
  const allowed = from.allow ?? [];
  if (from.flags?.only)
    return { enum: allowed.filter((value) => typeof value !== 'object' || value === null) };
  const schema = convertType(from);
  return allowed.includes(null) ? { anyOf: [schema, { type: 'null' }] } : schema;
}

function convertType(from: Description): JsonSchema {
  switch (from.type) {
    case 'object': {
      const keys = Object.entries(from.keys ?? {});
      const required = keys.filter(([, key]) => key.flags?.presence === 'required').map(([name]) => name);
      const [pattern] = from.patterns ?? [];
      return {
        type: 'object',
        properties: Object.fromEntries(keys.map(([name, key]) => [name, convert(key)])),
        ...(pattern
          ? {
              patternProperties: { [pattern.regex.replace(/^\/|\/[a-z]*$/g, '')]: convert(pattern.rule) },
              additionalProperties: false,
            }
          : {}),
        ...(required.length > 0 ? { required } : {}),
      };
    }
    case 'array':
      return { type: 'array', items: convert(from.items![0]!), ...limits(from, 'minItems', 'maxItems') };
    case 'alternatives':
      return {
        anyOf: from.matches!.flatMap((match) =>
          match.schema ? [convert(match.schema)] : match.switch!.map((item) => convert(item.then)),
        ),
      };
    case 'number': {
      const whole = from.rules?.some((rule) => rule.name === 'integer');
      return { type: whole ? 'integer' : 'number', ...limits(from, 'minimum', 'maximum') };
    }
    case 'string': {
      const pattern = from.rules?.find((rule) => rule.name === 'pattern')?.args?.regex;
      const min = from.allow?.includes('') || pattern !== undefined ? {} : { minLength: 1 };
      return {
        type: 'string',
        ...min,
        ...limits(from, 'minLength', 'maxLength'),
        ...(pattern === undefined ? {} : { pattern: pattern.replace(/^\/|\/[a-z]*$/g, '') }),
        ...(from.invalid ? { not: { enum: from.invalid } } : {}),
      };
    }
    case 'boolean':
      return { type: 'boolean' };
    case 'link':
      return { $ref: `#/$defs/${from.link!.ref.path[0]}` };
    default:
      throw new Error(`The schema uses a type that has no JSON Schema form yet: ${from.type}`);
  }
}

function limits(from: Description, minKey: string, maxKey: string): JsonSchema {
  const limit = (name: string) => from.rules?.find((rule) => rule.name === name)?.args?.limit;
  const min = limit('min');
  const max = limit('max');
  return { ...(min === undefined ? {} : { [minKey]: min }), ...(max === undefined ? {} : { [maxKey]: max }) };
}
