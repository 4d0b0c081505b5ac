/**
 * How well the tests of the core bite: changes every line of a folder in turn, runs the tests of that
 * folder, and prints how many changes they noticed. `npm run mutation`, or `npm run mutation moisture`.
 *
 * A score counts changes noticed by those tests that reach them, and those no test reaches as lived
 * through. Survivors known to change nothing are listed in docs/mutation.md and left out of the count.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';

const FOLDERS = [
  'ruling',
  'conformity',
  'moisture',
  'capping',
  'schools',
  'fermentation',
  'sampling',
  'residues',
  'blending',
];

/** Lowest score that is good enough [%]. */
const WANTED = 80;

const LIST = 'docs/mutation.md';

/** Lines of the list say `- file: before → after: why`. */
function equivalents() {
  if (!existsSync(LIST)) return [];
  return [...readFileSync(LIST, 'utf8').matchAll(/^- `([^`]+)`: `(.+?)` → `(.+?)`: /gm)].map(
    ([, file, before, after]) => ({ file, before, after }),
  );
}

const oneLine = (text) => text.replace(/\s+/g, ' ').trim();

function textAt(source, { start, end }) {
  const lines = source.split('\n').slice(start.line - 1, end.line);
  lines[lines.length - 1] = lines[lines.length - 1].slice(0, end.column - 1);
  lines[0] = lines[0].slice(start.column - 1);
  return oneLine(lines.join('\n'));
}

function mutantsOf(folder) {
  const report = `test-results/mutation/${folder}.json`;
  if (!existsSync(report)) return [];
  const { files } = JSON.parse(readFileSync(report, 'utf8'));
  return Object.entries(files).flatMap(([file, { source, mutants }]) =>
    mutants.map((mutant) => ({
      file: file.replace(/^src\/core\//, ''),
      line: mutant.location.start.line,
      before: textAt(source, mutant.location),
      after: oneLine(mutant.replacement ?? ''),
      status: mutant.status,
    })),
  );
}

function summary(folder, known) {
  const counted = mutantsOf(folder).filter(({ status }) =>
    ['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(status),
  );
  const isKnown = (mutant) =>
    known.some((e) => ['file', 'before', 'after'].every((key) => e[key] === mutant[key]));
  const lived = counted.filter(({ status }) => status === 'Survived' || status === 'NoCoverage');
  const survivors = lived.filter((mutant) => !isKnown(mutant));
  const equivalent = lived.length - survivors.length;
  const all = counted.length - equivalent;
  return { folder, all, equivalent, survivors, score: (100 * (all - survivors.length)) / all };
}

const isListing = process.argv.includes('--list');
const isReading = process.argv.includes('--read');
const asked = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const known = equivalents();
const summaries = (asked.length > 0 ? asked : FOLDERS).map((folder) => {
  if (!isReading) {
    const env = { ...process.env, RIPENUM_MUTATED: folder };
    const { status } = spawnSync('npx', ['stryker', 'run'], { env, stdio: 'inherit' });
    if (status !== 0) process.exit(status ?? 1);
  }
  return summary(folder, known);
});
if (isListing) {
  for (const { survivors } of summaries)
    for (const { file, line, before, after, status } of survivors)
      console.log(`- \`${file}\`: \`${before}\` → \`${after}\`: ${line} ${status}`);
}
for (const { folder, all, equivalent, survivors, score } of summaries) {
  console.log(
    `${folder.padEnd(14)} ${score.toFixed(1).padStart(5)} %  ${all - survivors.length} of ${all} noticed, ${equivalent} equivalent`,
  );
}
if (summaries.some(({ score }) => !(score >= WANTED))) process.exitCode = 1;
