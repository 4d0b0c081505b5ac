import { isLotRecord, type AnyRecord, type RecordKind } from '../../records';
import { lotRecordWords } from './lotRecordWords';

/** What each kind of record is called. */
export const KIND_NAMES: Readonly<Record<RecordKind, string>> = {
  lot: 'Lots',
  container: 'Containers',
  'comb-judgement': 'Looks at the comb',
  reading: 'Readings',
  ruling: 'Rulings',
  'lot-frames': 'What lots were made of',
  yard: 'Yards',
  colony: 'Hives',
  box: 'Boxes',
  frame: 'Frames',
  'frame-check': 'Looks at frames',
  photo: 'Photographs',
  flow: 'Flows',
  given: 'Treatments and feeds',
  harvest: 'Days at the hives',
  stroke: 'Boxes judged at a stroke',
  tally: 'Tallies',
  guess: 'Guesses',
  school: 'Own schools',
  format: 'Own frame formats',
  instrument: 'Meters',
  'zero-check': 'Zero checks',
  'sampling-plan': 'Sampling plans',
  colour: 'Colours in glass',
  senses: 'Smell, taste and purity',
  'lab-report': 'Laboratory reports',
  proof: 'Proofs of readings',
  'warm-room': 'Warm rooms',
  batch: 'Batches',
  'batch-check': 'Checks of batches',
  'air-log': 'Logs of air',
  extraction: 'Days at the line',
  'line-tick': 'Ticks at the line',
  pour: 'Pails under the gate',
  'frame-weighing': 'Frames weighed',
  chore: 'Clean-up',
  'uncapping-tool': 'Own tools',
  stock: 'Kit in stock',
  settling: 'Settling',
  'heat-spell': 'Warmth',
  weighing: 'Weighings',
  circumstances: 'What else bears on lots',
  piece: 'Pieces of comb',
  'store-move': 'Moves in the store',
  packing: 'Jars filled',
  'jar-move': 'Jars set aside and given out',
  'call-back': 'Jars called back',
  blend: 'Blends',
  'blend-tick': 'Pours of blends',
  'label-design': 'Labels',
  'season-note': 'Notes for next time',
  'merge-choice': 'Choices after merging',
  'rule-set': 'Own rule sets',
};

/** What a record is called by whoever wrote it; empty where it has no name. */
function nameOf({ content }: AnyRecord): string {
  const { name, label, code } = content as Record<string, unknown>;
  return (
    [name, label, code].find((one): one is string => typeof one === 'string' && one !== '') ?? ''
  );
}

/** "Reading: dial 17.0 %", "Batches: North stack" */
export function titleOfRecord(record: AnyRecord): string {
  try {
    if (isLotRecord(record)) return lotRecordWords(record);
  } catch {
    // a row that breaks its schema may lack what its words need
  }
  return [KIND_NAMES[record.kind], nameOf(record)].filter((one) => one !== '').join(': ');
}
