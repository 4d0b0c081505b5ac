/**
 * Sets every field of every record of the demo season to each edge of what its schema accepts, and computes
 * all that pages show of it. Prints a table for docs/edges.md; asserts nothing.
 */
import { groupBy } from '../src/core';
import { SAMPLES, brokenBy } from '../src/app/test/edgeSeason';

const FIELD = /^content\.([^=]+) =/;

console.log('| record | fields | edges tried | pages taken down | seconds |');
console.log('| --- | --- | --- | --- | --- |');
const all = { fields: 0, edges: 0, broken: 0 };
for (const [kind, samples] of groupBy(SAMPLES, (sample) => sample.kind)) {
  const edges = samples.flatMap((sample) => sample.edges);
  const fields = new Set(edges.map(({ says }) => FIELD.exec(says)?.[1] ?? says)).size;
  const started = Date.now();
  const broken = brokenBy(edges);
  const seconds = ((Date.now() - started) / 1000).toFixed(1);
  console.log(`| ${kind} | ${fields} | ${edges.length} | ${broken.length} | ${seconds} |`);
  all.fields += fields;
  all.edges += edges.length;
  all.broken += broken.length;
}
console.log(`| all | ${all.fields} | ${all.edges} | ${all.broken} | |`);
