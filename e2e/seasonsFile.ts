import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/** A file of the application with so many copies of a season and 300 looks at frames in the first. */
export interface SeasonsFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
  readonly records: number;
}

/** Made by a process of its own: the runner of these tests would first translate all that makes a season. */
export function seasonsFile(copies: number, file: string): SeasonsFile {
  const write = ['--import', 'tsx', 'bench/writeManySeasons.ts', String(copies), file, '300'];
  execFileSync('node', write);
  const buffer = readFileSync(file);
  const { records } = JSON.parse(buffer.toString()) as { records: unknown[] };
  return { name: 'seasons.json', mimeType: 'application/json', buffer, records: records.length };
}
