/** Writes a season of so many looks as a file of the application: `writeSeason.ts COUNT FILE`. */
import { writeFileSync } from 'node:fs';
import { recordFileOf } from '../src/records';
import { combSeason } from './combSeason';

const [count = '20000', file = 'season.json'] = process.argv.slice(-2);
const records = combSeason(Number(count));
writeFileSync(file, JSON.stringify(recordFileOf(records, '2026-08-01T00:00:00.000Z')));
console.log(`${records.length} records in ${file}`);
