/** Writes the JSON Schema that ships with the application, from the one definition in src/records. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { recordFileJsonSchema } from '../src/records';

mkdirSync('public/schema', { recursive: true });
const text = `${JSON.stringify(recordFileJsonSchema(), null, 2)}\n`;
writeFileSync('public/schema/ripenum-record-5.schema.json', text);
