import { DATED_YEARS } from '../../core';
import { recordSchema, type AnyRecord } from '../record';
import { recordFileJsonSchema } from '../exchange/recordFile';

/** The part of JSON Schema that the published schema uses. */
interface Node {
  readonly type?: string;
  readonly format?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly maxLength?: number;
  readonly maxItems?: number;
  readonly properties?: Readonly<Record<string, Node>>;
  readonly items?: Node;
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
}

/** A record with one field set to an edge of what its schema accepts. */
export interface Edge {
  /** `content.inAt = "2000-01-01T00:00:00.000Z"` */
  readonly says: string;
  readonly record: AnyRecord;
}

const EDGE_DAYS = [`${DATED_YEARS[0]}-01-01`, `${DATED_YEARS[1]}-12-31`];

function edgesOfNumber({ minimum, maximum, exclusiveMinimum }: Node): number[] {
  const low = exclusiveMinimum === undefined ? minimum : exclusiveMinimum + 1e-9;
  return [low, maximum].filter((value) => value !== undefined);
}

function edgesOfText({ format, maxLength }: Node): string[] {
  if (format === 'date') return EDGE_DAYS;
  if (format === 'date-time') return EDGE_DAYS.map((edgeDay) => `${edgeDay}T12:00:00.000Z`);
  return ['', 'x'.repeat(maxLength ?? 200)];
}

/** Other values of one field, edges first, with the path below it. */
function* edgesOfField(node: Node, value: unknown, path: string): Generator<[string, unknown]> {
  const choices = node.anyOf ?? node.oneOf;
  if (choices) {
    for (const choice of choices) yield* edgesOfField(choice, value, path);
    return;
  }
  if (node.enum) {
    for (const item of node.enum) yield [path, item];
    return;
  }
  switch (node.type) {
    case 'null':
      yield [path, null];
      return;
    case 'boolean':
      yield [path, !value];
      return;
    case 'number':
    case 'integer':
      for (const edge of edgesOfNumber(node)) yield [path, edge];
      return;
    case 'string':
      for (const edge of edgesOfText(node)) yield [path, edge];
      return;
    case 'array':
      yield [path, []];
      if (!Array.isArray(value) || value.length === 0) return;
      yield [path, [...(value as unknown[]), ...(value as unknown[])]];
      if (node.items) yield* edgesOfField(node.items, value[0], `${path}.0`);
      return;
    case 'object':
    case undefined:
    default:
      if (typeof value !== 'object' || value === null) return;
      for (const [key, inner] of Object.entries(node.properties ?? {})) {
        const field = (value as Record<string, unknown>)[key];
        yield* edgesOfField(inner, field, `${path}.${key}`);
      }
  }
}

function withField(record: AnyRecord, path: string, value: unknown): unknown {
  const copy = structuredClone(record) as unknown as Record<string, unknown>;
  const steps = path.split('.');
  const last = steps.pop()!;
  const place = steps.reduce((at, step) => at[step] as Record<string, unknown>, copy);
  place[last] = value;
  return copy;
}

let schemas: ReadonlyMap<unknown, Node> | null = null;

function contentSchemaOf(kind: string): Node {
  if (!schemas) {
    const file = recordFileJsonSchema() as Node;
    const kinds = file.properties?.['records']?.items?.oneOf ?? [];
    schemas = new Map(
      kinds.map((node) => [node.properties?.['kind']?.const, node.properties?.['content'] ?? {}]),
    );
  }
  return schemas.get(kind) ?? {};
}

/** A record once for every edge of every field that its schema accepts there. */
export function edgesOf(record: AnyRecord): Edge[] {
  const found = edgesOfField(contentSchemaOf(record.kind), record.content, 'content');
  return [...found].flatMap(([path, value]) => {
    const parsed = recordSchema.safeParse(withField(record, path, value));
    if (!parsed.success) return [];
    const shown = JSON.stringify(value) ?? 'undefined';
    const says = `${path} = ${shown.length > 60 ? `${shown.slice(0, 60)}…` : shown}`;
    return [{ says, record: parsed.data }];
  });
}
