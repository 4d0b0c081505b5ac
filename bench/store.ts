/**
 * A large store: some thousand lots with frames, containers and jars. From records to the trace of a
 * jar, a recall, the watch list and every ruling. Prints figures; asserts nothing.
 */
import { lineage, ruleOnLot } from '../src/core';
import { contentsOf, evidenceFrom, jarsNode, knownFor, traceOf } from '../src/model';
import { type AnyRecord } from '../src/records';
import { demoSeason } from '../demo/season';
import { demoLedger } from '../demo/demoLedger';

const SEASONS = Number(process.env.SEASONS ?? 50);
const LONG_TASK_MS = 50;

const season = JSON.stringify(demoSeason('2026-11-24'));
const records = Array.from(
  { length: SEASONS },
  (_, at) => JSON.parse(season.replaceAll('"demo-', `"s${at}-`)) as AnyRecord[],
).flat();

function told<T>(name: string, run: () => T): T {
  const start = performance.now();
  const result = run();
  const ms = performance.now() - start;
  console.log(`${name}: ${ms.toFixed(0)} ms (${(ms / LONG_TASK_MS).toFixed(1)} long tasks)`);
  return result;
}

const ledger = told('records to ledger', () =>
  demoLedger(records, Date.parse('2026-11-24T12:00:00Z')),
);
const { files, related } = ledger;
console.log(`${records.length} revisions, ${files.length} lots`);
if (!related) throw new Error('nothing around');
const { book, rooms, house, blends, poured } = related;
const trace = told('everything to one trace', () =>
  traceOf({ files, book, rooms, house, blends, poured }),
);
const packing = files.find((file) => file.packings.length > 0)?.packings[0];
const start = jarsNode(packing?.entityId ?? '');
const shown = told('lineage of a jar', () => lineage(trace.edges, start));
console.log(`${trace.nodes.size} nodes, ${trace.edges.length} edges, ${shown.size} shown`);
told('every lot ruled', () =>
  files.forEach((file) => {
    const contents = contentsOf(file);
    const known = knownFor(ledger, { lotId: file.lot.entityId, contents });
    ruleOnLot(evidenceFrom(contents, known));
  }),
);
