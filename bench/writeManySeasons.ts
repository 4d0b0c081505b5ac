/** Writes so many copies of a season as a file of the application: `writeManySeasons.ts COPIES FILE LOOKS`. */
import { writeFileSync } from 'node:fs';
import { parseRecordFile, recordFileOf } from '../src/records';
import { manySeasons } from './manySeasons';

const own = process.argv.findIndex((part) => part.endsWith('writeManySeasons.ts'));
const [copies = '3', file = 'seasons.json', looks] = process.argv.slice(own + 1);
const today = new Date().toISOString().slice(0, 10);
const records = manySeasons(Number(copies), today, looks === undefined ? looks : Number(looks));
const text = JSON.stringify(recordFileOf(records, new Date().toISOString()));
if (copies === '3') {
  const read = parseRecordFile(text);
  if (!read.ok) console.log(JSON.stringify(read.error).slice(0, 3000));
}
writeFileSync(file, text);
const lots = records.filter((record) => record.kind === 'lot').length;
console.log(
  `${records.length} revisions, ${lots} lots, ${(text.length / 1e6).toFixed(0)} MB in ${file}`,
);
