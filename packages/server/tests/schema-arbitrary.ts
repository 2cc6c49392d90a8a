import fc from 'fast-check';
import { z } from 'zod';

/** What of JSON Schema the contract's own description uses. */
interface JsonSchema {
  type?: string;
  const?: unknown;
  enum?: readonly unknown[];
  anyOf?: readonly JsonSchema[];
  oneOf?: readonly JsonSchema[];
  allOf?: readonly JsonSchema[];
  properties?: Readonly<Record<string, JsonSchema>>;
  required?: readonly string[];
  propertyNames?: JsonSchema;
  additionalProperties?: JsonSchema | boolean;
  items?: JsonSchema | boolean;
  prefixItems?: readonly JsonSchema[];
  minItems?: number;
  maxItems?: number;
  minimum?: number;
  maximum?: number;
  minLength?: number;
  maxLength?: number;
  format?: string;
  pattern?: string;
}

/** What breaks programs: texts no database stores, numbers at their ends, names that mean something to the language. */
const NASTY = fc.constantFrom<unknown>(
  null,
  '',
  ' ',
  '\u0000',
  '\ud800',
  '\u200b',
  '\ufeffa\u202eb',
  'e\u0301',
  '👩‍👩‍👧‍👦'.repeat(40),
  "'; DROP TABLE people; --",
  '<img src=x onerror=alert(1)>',
  '../../etc/passwd',
  '%00',
  '__proto__',
  'constructor',
  'x'.repeat(5_000),
  -1,
  0,
  -0,
  0.1 + 0.2,
  1e308,
  Number.MAX_SAFE_INTEGER + 1,
  true,
  [],
  {},
  [[[[[[]]]]]],
  { toString: 'no' },
  JSON.parse('{"__proto__": {"admin": true}}'),
);

const INSTANTS = fc
  .date({ min: new Date('1900-01-01'), max: new Date('2200-01-01'), noInvalidDate: true })
  .map((at) => at.toISOString());

const texts = ({ format, pattern, minLength = 0, maxLength = 60 }: JsonSchema, ids: readonly string[]): fc.Arbitrary<string> => {
  if (format === 'date-time') return INSTANTS;
  if (format === 'date') return INSTANTS.map((at) => at.slice(0, 10));
  const free = fc.string({ minLength, maxLength: Math.min(maxLength, minLength + 40), unit: 'grapheme' });
  // A text with a form of its own is an id, most of the time: one that is there finds more than one nobody has.
  if (pattern === undefined) return fc.oneof(free, fc.constantFrom(...ids));
  return fc.oneof(
    { weight: 6, arbitrary: fc.constantFrom(...ids) },
    { weight: 1, arbitrary: fc.stringMatching(/^[a-z0-9-]{8,20}$/) },
  );
};

const numbers = ({ type, minimum = -1e4, maximum = 1e4 }: JsonSchema): fc.Arbitrary<number> => {
  const [min, max] = [Math.max(minimum, -1e9), Math.min(maximum, 1e9)];
  if (type === 'integer') return fc.integer({ min: Math.ceil(min), max: Math.floor(max) });
  return fc.double({ min, max, noNaN: true });
};

/** Values of a schema, with something nasty in one place of some fifteen. `ids`: what texts may name. */
const valuesOf = (schema: JsonSchema, ids: readonly string[]): fc.Arbitrary<unknown> =>
  fc.oneof({ weight: 14, arbitrary: fitting(schema, ids) }, { weight: 1, arbitrary: NASTY });

const fitting = (schema: JsonSchema, ids: readonly string[]): fc.Arbitrary<unknown> => {
  const options = schema.anyOf ?? schema.oneOf;
  if (options) return fc.oneof(...options.map((one) => fitting(one, ids)));
  if (schema.allOf) return fitting(Object.assign({}, ...schema.allOf) as JsonSchema, ids);
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  switch (schema.type) {
    case 'object': {
      const { properties = {}, required = [], propertyNames, additionalProperties } = schema;
      const named = fc.record(
        Object.fromEntries(Object.entries(properties).map(([name, inner]) => [name, valuesOf(inner, ids)])),
        { requiredKeys: [...required] },
      );
      if (typeof additionalProperties !== 'object') return named;
      const names = fitting(propertyNames ?? { type: 'string' }, ids).map(String);
      return fc.dictionary(names, valuesOf(additionalProperties, ids), { maxKeys: 4 });
    }
    case 'array': {
      if (schema.prefixItems) return fc.tuple(...schema.prefixItems.map((one) => valuesOf(one, ids)));
      const inner = typeof schema.items === 'object' ? schema.items : {};
      const minLength = schema.minItems ?? 0;
      return fc.array(valuesOf(inner, ids), { minLength, maxLength: Math.min(schema.maxItems ?? 4, minLength + 3) });
    }
    case 'string':
      return texts(schema, ids);
    case 'number':
    case 'integer':
      return numbers(schema);
    case 'boolean':
      return fc.boolean();
    case 'null':
      return fc.constant(null);
    default:
      return fc.jsonValue({ maxDepth: 2 });
  }
};

const described = new WeakMap<z.ZodType, JsonSchema>();
/** A Zod schema's own description, made once. */
const describe = (schema: z.ZodType): JsonSchema => {
  const known = described.get(schema) ?? (z.toJSONSchema(schema, { unrepresentable: 'any', io: 'input' }) as JsonSchema);
  described.set(schema, known);
  return known;
};

/** What a Zod schema asks for, made up by its own description. */
export const madeUp = (schema: z.ZodType, ids: readonly string[]): fc.Arbitrary<unknown> => valuesOf(describe(schema), ids);

export { NASTY };
