/**
 * Writes `docs/formats/openapi.json` (OpenAPI 3.1), or with `--check` says whether it is as it has to be: the case from
 * its published schema, the plan from the type of what the route writes. It is held against the specification's own schema.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { Validator } from '@seriousme/openapi-schema-validator';
import { format } from 'prettier';
import ts from 'typescript';
import { version } from '../package.json';

const FILE = 'docs/formats/openapi.json';
const RESPONSE = 'files/planApi/response.ts';

type Schema = Readonly<Record<string, unknown>>;

const { compilerOptions } = ts.parseJsonConfigFileContent(
  ts.readConfigFile('tsconfig.json', (name) => readFileSync(name, 'utf8')).config,
  ts.sys,
  '.',
) as unknown as { compilerOptions: ts.CompilerOptions };
const program = ts.createProgram([RESPONSE], { ...compilerOptions, types: [] });
const checker = program.getTypeChecker();

/** The type that a file exports under a name. */
function exported(file: string, name: string): ts.Type {
  const source = program.getSourceFile(file);
  const names = source && checker.getSymbolAtLocation(source);
  const symbol = names && checker.getExportsOfModule(names).find((each) => each.name === name);
  if (!symbol) throw new Error(`openapi: ${file} exports no ${name}`);
  return checker.getDeclaredTypeOfSymbol(symbol);
}

function unionOf(types: readonly ts.Type[]): Schema {
  const literals = types.filter((each) => each.isStringLiteral() || each.isNumberLiteral());
  const isBoolean = types.some((each) => each.flags & ts.TypeFlags.BooleanLiteral);
  const rest = types.filter(
    (each) => !literals.includes(each as never) && !(each.flags & ts.TypeFlags.BooleanLiteral),
  );
  const any = [
    ...(literals.length > 0
      ? [{ enum: literals.map((each) => (each as ts.LiteralType).value).sort() }]
      : []),
    ...(isBoolean ? [{ type: 'boolean' }] : []),
    ...rest.map(schemaOf),
  ];
  const [only] = any;
  if (any.length === 1 && only) return only;
  return { anyOf: any };
}

function objectOf(type: ts.Type): Schema {
  const byName = type.getStringIndexType();
  if (byName) return { type: 'object', additionalProperties: schemaOf(byName) };
  const properties = type.getProperties();
  return {
    type: 'object',
    properties: Object.fromEntries(
      properties.map((each) => [each.name, schemaOf(checker.getTypeOfSymbol(each))]),
    ),
    required: properties
      .filter((each) => !(each.flags & ts.SymbolFlags.Optional))
      .map(({ name }) => name),
  };
}

/** The JSON Schema of a type as it is written as JSON. */
function schemaOf(type: ts.Type): Schema {
  if (type.flags & (ts.TypeFlags.String | ts.TypeFlags.TemplateLiteral)) return { type: 'string' };
  if (type.flags & ts.TypeFlags.Number) return { type: 'number' };
  if (type.flags & ts.TypeFlags.Boolean) return { type: 'boolean' };
  if (type.flags & ts.TypeFlags.Null) return { type: 'null' };
  if (type.flags & ts.TypeFlags.BooleanLiteral) return { type: 'boolean' };
  if (type.isStringLiteral() || type.isNumberLiteral()) return { const: type.value };
  if (type.isUnion()) {
    return unionOf(type.types.filter((each) => !(each.flags & ts.TypeFlags.Undefined)));
  }
  if (checker.isArrayType(type)) {
    const [items] = checker.getTypeArguments(type as ts.TypeReference);
    return { type: 'array', items: items ? schemaOf(items) : {} };
  }
  if (type.flags & ts.TypeFlags.Object) return objectOf(type);
  throw new Error(`openapi: no schema for ${checker.typeToString(type)}`);
}

/** Where a published schema stands in the document; its own definitions follow it under its name. */
const HOMES = { Case: 'case', Pack: 'pack' } as const;

/** A published schema as parts of the document: what it refers to is where the document keeps it. */
function embedded([name, file]: readonly [string, string]): readonly (readonly [string, Schema])[] {
  const text = readFileSync(`docs/formats/${file}.schema.json`, 'utf8')
    .replaceAll('"#/$defs/', `"#/components/schemas/${name}.`)
    .replaceAll('"$ref": "urn:agrologos:pack:1"', '"$ref": "#/components/schemas/Pack"');
  const { $schema: _dialect, $id: _id, $defs = {}, ...schema } = JSON.parse(text) as Schema;
  const parts = Object.entries($defs as Readonly<Record<string, Schema>>);
  return [[name, schema], ...parts.map(([part, each]) => [`${name}.${part}`, each] as const)];
}

const refTo = (name: string): Schema => ({ $ref: `#/components/schemas/${name}` });
const json = (schema: Schema): Schema => ({ content: { 'application/json': { schema } } });
const said = (description: string, schema: Schema): Schema => ({ description, ...json(schema) });
const refusal = (description: string): Schema => said(description, refTo('Refusal'));
const BUSY = {
  ...refusal('Too many requests wait just now.'),
  headers: { 'Retry-After': { description: 'Seconds.', schema: { type: 'integer' } } },
};
const UNITS = {
  name: 'units',
  in: 'query',
  description: 'Of sentences, of the page and of the workings.',
  schema: { enum: ['us', 'metric'], default: 'us' },
};
const TEXT = { type: 'string' };
const LINES = (name: string, description: string): Schema => ({
  'application/x-ndjson': { schema: { type: 'string', description, contentSchema: refTo(name) } },
});

const document = {
  openapi: '3.1.0',
  info: {
    title: 'Agrologos: plans as a service',
    version,
    description:
      'A case file in, its plan out. Nothing is kept, nobody is asked for a key. Later versions only add fields.',
    license: { name: 'Unlicensed' },
  },
  servers: [{ url: '/' }],
  paths: {
    '/api/plan': {
      post: {
        operationId: 'plan',
        summary: 'The plan of one case.',
        parameters: [UNITS],
        requestBody: { required: true, ...json(refTo('Case')) },
        responses: {
          200: said('The plan.', refTo('Plan')),
          400: said('What of the case is not as it has to be, or units that are neither.', {
            anyOf: [refTo('Faults'), refTo('Refusal')],
          }),
          408: refusal('The body did not come in time.'),
          413: refusal('More than 1,000,000 bytes, or more ground than is worked out for anybody.'),
          415: refusal('Another type than JSON.'),
          503: BUSY,
        },
      },
    },
    '/api/plans': {
      post: {
        operationId: 'plans',
        summary: 'The plans of any number of cases, a line each, streamed.',
        parameters: [UNITS],
        requestBody: { required: true, content: LINES('Case', 'A case a line.') },
        responses: {
          200: {
            description: 'An answer a line, in the order of the cases.',
            content: LINES('LineAnswer', 'An answer a line.'),
          },
          400: refusal('Units that are neither.'),
          415: refusal('Another type than lines of JSON.'),
          503: BUSY,
        },
      },
    },
    '/api/health': {
      get: {
        operationId: 'health',
        summary: 'Whether this server takes plans, and what it is.',
        responses: {
          200: said('It does.', refTo('Health')),
          503: said('Too many wait just now.', refTo('Health')),
        },
      },
    },
  },
  components: {
    schemas: {
      ...Object.fromEntries(Object.entries(HOMES).flatMap(embedded)),
      Plan: schemaOf(exported(RESPONSE, 'PlanResponse')),
      Faults: {
        type: 'array',
        items: {
          type: 'object',
          properties: { path: TEXT, got: TEXT, expected: TEXT },
          required: ['path', 'got', 'expected'],
        },
      },
      Refusal: {
        type: 'object',
        properties: { error: TEXT, effort: { type: 'number' }, most: { type: 'number' } },
        required: ['error'],
      },
      LineAnswer: {
        type: 'object',
        properties: {
          line: { type: 'integer', minimum: 1 },
          status: { enum: [200, 400, 408, 413, 503] },
          answer: { anyOf: [refTo('Plan'), refTo('Faults'), refTo('Refusal')] },
        },
        required: ['line', 'status', 'answer'],
      },
      Health: {
        type: 'object',
        properties: {
          status: { enum: ['ok', 'busy'] },
          version: TEXT,
          planApi: { type: 'integer' },
          caseSchema: { type: 'integer' },
          waiting: { type: 'integer', minimum: 0 },
        },
        required: ['status', 'version', 'planApi', 'caseSchema', 'waiting'],
      },
    },
  },
};

async function run(): Promise<void> {
  const { valid, errors } = await new Validator().validate(structuredClone(document));
  if (!valid) throw new Error(`openapi: not what OpenAPI 3.1 asks for: ${JSON.stringify(errors)}`);
  const wanted = await format(JSON.stringify(document), { parser: 'json', printWidth: 100 });
  if (!process.argv.includes('--check')) {
    writeFileSync(FILE, wanted);
    console.log(`${FILE}: written`);
  } else if (readFileSync(FILE, 'utf8') === wanted) {
    console.log(`${FILE}: as the schemas and types have it`);
  } else {
    throw new Error(`${FILE} is not as the schemas and types have it: run \`npm run openapi\`.`);
  }
}

run().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
