import type { ChoreContent } from '../line/chore';
import type { ExtractionContent } from '../line/extraction';
import type { HeatSpellContent } from '../lots/heatSpell';
import type { PourContent } from '../line/pour';
import type { AnyRecord } from '../record';
import { firstRevision, type Scribe } from '../revise';
import type { SettlingContent } from '../lots/settling';
import { USUAL_DAY } from '../../model/line/usualDay';
import type { WeighingContent } from '../lots/weighing';

export const SAMPLE_EXTRACTION: ExtractionContent = {
  ...USUAL_DAY,
  name: 'First extraction',
  day: '2026-08-12',
  frames: 80,
  moisturePercent: 17,
  people: [
    { name: 'Ada', speed: 1 },
    { name: 'Bo', speed: 1 },
  ],
  tool: { ...USUAL_DAY.tool, rackFrames: 30 },
  extractor: {
    ...USUAL_DAY.extractor,
    framesPerLoad: 20,
    spinMinutes: 6,
    handleMinutes: 5,
    leftShare: 0.04,
    wallsKg: 0.5,
    sumpKg: 60,
  },
  strainer: {
    ...USUAL_DAY.strainer,
    meshes: [{ openingUm: 200, wireUm: 125, areaDm2: 7, headCm: 10 }],
  },
  pail: { ...USUAL_DAY.pail, have: 12 },
  breaks: [{ fromMin: 720, minutes: 45 }],
  bees: { ...USUAL_DAY.bees, wetOutFromMin: null },
  cleanUp: { ...USUAL_DAY.cleanUp, disease: 'none-known' },
};

export const SAMPLE_POUR: PourContent = {
  label: 'Pail 1',
  fullKg: 12.5,
  openedAt: '2026-08-12T10:00:00.000Z',
  startKg: 0,
  expectedKgPerMin: 3,
  meshClean: true,
  marks: [{ at: '2026-08-12T10:05:00.000Z', kg: 6 }],
  closedAt: null,
};

export const SAMPLE_SETTLING: SettlingContent = {
  name: 'Tank',
  heightCm: 30,
  diameterCm: 30,
  startC: 28,
  roomC: 22,
  moisturePercent: 17,
  strainedUm: 200,
  filledAt: '2026-08-12T16:00:00.000Z',
  skims: [],
  endedAt: null,
  remark: '',
};

export const SAMPLE_HEAT: HeatSpellContent = {
  occasion: 'warming',
  source: 'typed',
  startedAt: '2026-08-13T16:00:00.000Z',
  spells: [{ days: 2, temperatureC: 40 }],
  remark: '',
};

export const SAMPLE_WEIGHING: WeighingContent = {
  stage: 'in-wet-combs',
  massKg: 4,
  plusMinusKg: 0.5,
  weighedAt: '2026-08-12T18:00:00.000Z',
  remark: '',
};

const CHORE: ChoreContent = {
  task: 'tools-dry',
  doneAt: '2026-08-12T19:00:00.000Z',
  how: 'done',
  because: '',
};

/** A day of a lot with one record of each kind that belongs to it, and what belongs to the lot. */
export function sampleExtraction(scribe: Scribe, lotId: string): AnyRecord[] {
  const day = firstRevision(scribe, 'extraction', { ...SAMPLE_EXTRACTION, lotId });
  const ofDay = day.entityId;
  const at = '2026-08-12T10:30:00.000Z';
  const weighed = {
    label: 'A',
    takenAt: at,
    beforeKg: 2.2,
    afterKg: 0.5,
    tareKg: 0.4,
    plusMinusKg: 0.05,
  };
  return [
    day,
    firstRevision(scribe, 'line-tick', { what: 'load-out', at }, ofDay),
    firstRevision(scribe, 'pour', SAMPLE_POUR, ofDay),
    firstRevision(scribe, 'frame-weighing', weighed, ofDay),
    firstRevision(scribe, 'chore', CHORE, ofDay),
    firstRevision(scribe, 'uncapping-tool', {
      name: 'Long fork',
      toolKind: 'fork',
      secondsPerFrame: 70,
      lossShare: 0.02,
      combSpared: 0.95,
      faces: ['sunken', 'flush'],
      newComb: true,
    }),
    firstRevision(scribe, 'stock', { item: 'pails', have: 8, remark: '' }),
    firstRevision(scribe, 'settling', SAMPLE_SETTLING, lotId),
    firstRevision(scribe, 'heat-spell', SAMPLE_HEAT, lotId),
    firstRevision(scribe, 'weighing', SAMPLE_WEIGHING, lotId),
  ];
}
