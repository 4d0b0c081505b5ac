import { NO_CIRCUMSTANCES } from '../../core';
import type { AnyRecord } from '../record';
import { firstRevision, type Scribe } from '../revise';

/** A lot and the container entry whose vessels are moved, packed and poured. */
export interface StorePlace {
  readonly lotId: string;
  readonly containerId: string;
}

const AT = '2026-08-20T10:00:00.000Z';

export const SAMPLE_RULE_SET = {
  name: 'Ferry label',
  edition: 'letter of May 2026',
  ordinaryPercent: 17.5,
  heatherPercent: 21,
  bakersOrdinaryPercent: 20,
  bakersHeatherPercent: 23,
  note: '',
};

/** Everything of the store, around one lot: a move, jars, what became of them, a blend, a label, a note. */
export function sampleStore(scribe: Scribe, { lotId, containerId }: StorePlace): AnyRecord[] {
  const packing = firstRevision(
    scribe,
    'packing',
    {
      code: '260820-a.1',
      packedAt: AT,
      jarG: 500,
      count: 12,
      from: [{ containerId, item: 1, massKg: 6 }],
      bestBefore: '2027-08-20',
      remark: '',
    },
    lotId,
  );
  const jarMove = (content: { act: 'set-aside' | 'given-out'; count: number; to: string }) =>
    firstRevision(
      scribe,
      'jar-move',
      {
        ...content,
        packingId: packing.entityId,
        purpose: 'sale',
        firstNumber: 1,
        at: AT,
        remark: '',
      },
      lotId,
    );
  const blend = firstRevision(scribe, 'blend', {
    name: 'Blend',
    day: '2026-08-20',
    targetPercent: 18,
    aim: 'save',
    mixFlows: true,
    mixColours: true,
    wholeOnly: false,
    tanks: [
      {
        label: 'Tank 1',
        capacityKg: 50,
        lotId: null,
        expected: { meanPercent: 17.5, standardPercent: 0.2 },
        pours: [
          {
            lotId,
            containerId,
            item: 1,
            label: 'Bucket',
            lotCode: 'x',
            massKg: 3,
            meanPercent: 18.2,
          },
        ],
      },
    ],
    remark: '',
  });
  const out = jarMove({ act: 'given-out', count: 3, to: 'market stall' });
  return [
    firstRevision(
      scribe,
      'circumstances',
      { ...NO_CIRCUMSTANCES, residues: [], treated: null, sourceHealth: 'healthy', remark: '' },
      lotId,
    ),
    firstRevision(
      scribe,
      'piece',
      {
        label: '1',
        cappedTenths: 10,
        weeping: false,
        foreign: false,
        massKg: 0.3,
        sacrificed: null,
        remark: '',
      },
      lotId,
    ),
    firstRevision(
      scribe,
      'store-move',
      {
        containerId,
        item: 1,
        act: 'placed',
        at: AT,
        placeKind: 'cellar',
        place: 'north wall',
        temperatureC: null,
        massKg: null,
        remark: '',
      },
      lotId,
    ),
    packing,
    jarMove({ act: 'set-aside', count: 8, to: '' }),
    out,
    firstRevision(
      scribe,
      'call-back',
      { jarMoveId: out.entityId, done: 'returned', at: AT, remark: '' },
      lotId,
    ),
    blend,
    firstRevision(scribe, 'blend-tick', { tank: 0, pour: 0, massKg: 2.9, at: AT }, blend.entityId),
    firstRevision(scribe, 'label-design', {
      name: 'Mine',
      title: 'Honey',
      producer: 'Honey house',
      origin: '',
      moreText: '',
      ink: '#18233a',
      paper: '#ffffff',
      weightUnits: 'metric-us',
      showQr: true,
      sheet: {
        id: 'own',
        pageWidthMm: 210,
        pageHeightMm: 297,
        columns: 2,
        rows: 4,
        marginLeftMm: 5,
        marginTopMm: 5,
        labelWidthMm: 95,
        labelHeightMm: 65,
        gapXMm: 2,
        gapYMm: 2,
      },
    }),
    firstRevision(scribe, 'season-note', {
      year: 2026,
      text: 'Order more buckets.',
      yardId: null,
      planningDay: '2027-03-01',
      done: '',
    }),
    firstRevision(scribe, 'occasion', {
      name: 'Harvest supper',
      day: '2026-10-03',
      purpose: 'gift',
      jarG: 250,
      count: 30,
      over: false,
      remark: '',
    }),
    firstRevision(
      scribe,
      'jar-check',
      {
        packingId: packing.entityId,
        at: AT,
        tareG: 210,
        weightsG: [712, 709, 715],
        faults: ['bubbles'],
        remark: '',
      },
      lotId,
    ),
    firstRevision(scribe, 'wax', {
      act: 'melted',
      day: '2026-08-21',
      from: 'cappings',
      fromKg: 3.2,
      into: 'raw-wax',
      intoKg: 1.7,
      remark: '',
    }),
    firstRevision(scribe, 'house-log', {
      what: 'glass',
      at: AT,
      text: 'A jar broke on the bottling bench.',
      lotIds: [lotId],
      remark: 'Bench cleared.',
    }),
    firstRevision(scribe, 'practice-look', {
      drill: 'capping',
      reader: 'AM',
      seed: 12,
      of: 'patchy',
      answered: 0.8,
      truth: 0.71,
      at: AT,
      evening: null,
    }),
    firstRevision(scribe, 'cell-lesson', {
      day: '2026-08-21',
      version: 1,
      points: 48,
      taps: [{ proposed: 'open', is: 'capped', figures: Array.from({ length: 16 }, () => 0.5) }],
    }),
    firstRevision(scribe, 'rule-set', SAMPLE_RULE_SET),
    firstRevision(scribe, 'merge-choice', { of: lotId, chosen: 'a', against: ['b'] }),
  ];
}
