/** Writes a season with so many readings as a file of the application: `writeBenchSeason.ts COUNT FILE`. */
import { writeFileSync } from 'node:fs';
import { recordFileOf } from '../src/records';
import { benchSeason } from './benchSeason';

const [count = '5000', file = 'readings.json'] = process.argv.slice(-2);
const records = benchSeason(Number(count));
writeFileSync(file, JSON.stringify(recordFileOf(records, '2026-08-01T00:00:00.000Z')));
console.log(`${records.length} records in ${file}`);
