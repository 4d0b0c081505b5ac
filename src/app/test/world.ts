import { demoLedger } from '../../../demo/demoLedger';
import {
  bookOf,
  evidenceIdsOf,
  harvestDayOf,
  jarStocks,
  signedRulingContent,
  storedVessels,
  type LotFile,
  type HarvestDay,
  ruledLot,
  type RuledLot,
  openCallBacks,
  type OpenCallBack,
} from '../../model';
import {
  DEFAULT_PREFERENCES,
  current,
  entryRevision,
  firstRevision,
  freshLotContent,
  nextRevision,
  type AnyRecord,
  type Blend,
  type ContentOf,
  type GivenContent,
} from '../../records';
import { SAMPLE_READING, countingScribe } from '../../records/test/sampleLot';
import { SAMPLE_BOX, SAMPLE_DAY } from '../../records/test/sampleYard';
import { circumstancesFormOf, readCircumstancesForm } from '../forms/lots/circumstancesForm';
import { freshJarMove, packFormOf, readJarMoveForm, readPackForm } from '../forms/store/storeForms';
import { gateOf, type Gate } from '../gate/gate';
import { groupItems, keysInLots } from '../stations/comb/grouping';
import { lotRecords } from '../stations/comb/lotsOfDay';
import { blendedLotRecords } from '../stations/store/blendedLot';
import type { Parsed } from '../entry/reader';
import { NOTHING_SAID, STRIPS, wholeSurvey, type Said } from './worldParts';
import type { StoredLot } from '../../model';
import { inWordsOf } from '../words/tell';

/** A small season that tests act in, through the same forms and functions as the pages. */
const SIGNED_IN = inWordsOf(DEFAULT_PREFERENCES);

export class World {
  readonly records: AnyRecord[] = [];
  readonly scribe = countingScribe('w');
  readonly hives: string[] = [];
  readonly boxes: string[] = [];
  nowMs = Date.parse('2026-11-24T12:00:00.000Z');

  constructor(hives = 3) {
    const yard = firstRevision(this.scribe, 'yard', {
      name: 'Dyke',
      climate: 'ordinary',
      remark: '',
    });
    this.records.push(yard);
    for (let at = 1; at <= hives; at += 1) {
      const hive = firstRevision(this.scribe, 'colony', {
        yardId: yard.entityId,
        name: `Hive ${at}`,
        keep: null,
        health: 'sound',
        remark: '',
      });
      const box = firstRevision(this.scribe, 'box', {
        ...SAMPLE_BOX,
        label: 'Upper box',
        yardId: yard.entityId,
        colonyId: hive.entityId,
      });
      this.records.push(hive, box);
      this.hives.push(hive.entityId);
      this.boxes.push(box.entityId);
    }
  }

  /** A treatment or feed of one hive, its honey boxes on. */
  give(hive: number, change: Partial<GivenContent> = {}): void {
    const content = { ...STRIPS, colonyIds: [this.hives[hive]!], ...change };
    this.records.push(firstRevision(this.scribe, 'given', content));
  }

  /** Boxes judged in one go on a day of their own, and the lot of what is taken; null where nothing is. */
  strokeLot(code: string, boxes: readonly number[], typedBoxes = 0): string | null {
    const harvest = firstRevision(this.scribe, 'harvest', { ...SAMPLE_DAY, name: code });
    const survey = wholeSurvey(
      boxes.map((at) => this.boxes[at]!),
      typedBoxes,
    );
    this.records.push(harvest, firstRevision(this.scribe, 'stroke', survey, harvest.entityId));
    const day = this.day(harvest.entityId);
    const made = this.files().flatMap((file) => (file.frames ? [file.frames.content] : []));
    const own = made.filter((item) => item.harvestId === harvest.entityId);
    const frames = groupItems(day, keysInLots(own)).map((groupItem) => groupItem.frame);
    if (frames.length === 0) return null;
    const basis = {
      harvestId: harvest.entityId,
      harvest: day.harvest.content,
      school: day.judging.school,
      limitPercent: 20,
      climate: 'ordinary' as const,
      plant: '',
    };
    const lot = lotRecords(this.scribe, basis, { code, name: code, frames });
    this.records.push(...lot);
    return lot[0]!.entityId;
  }

  day(harvestId: string): HarvestDay {
    const own = this.records.filter(
      (record) =>
        record.ownerId === harvestId || record.kind === 'frame' || record.kind === 'frame-check',
    );
    return harvestDayOf(bookOf(this.records), own, harvestId)!;
  }

  /** A lot without frames, of which nobody named a hive. */
  plainLot(code: string): string {
    const lot = firstRevision(this.scribe, 'lot', freshLotContent(code, '2026-08-10'));
    this.records.push(lot);
    return lot.entityId;
  }

  /** Buckets of a lot; gives back the container. */
  buckets(lotId: string, count: number): string {
    const container = firstRevision(
      this.scribe,
      'container',
      {
        containerKind: 'bucket',
        label: 'Bucket',
        count,
        amount: { by: 'mass', massKg: 20, plusMinusKg: 0.1 },
        suspects: [],
      },
      lotId,
    );
    this.records.push(container);
    return container.entityId;
  }

  read(lotId: string, container: string, item: number, percent: number): void {
    const content = {
      ...SAMPLE_READING,
      dialValue: percent,
      temperatureC: 20,
      containerId: container,
      item,
      takenAt: '2026-08-12T10:00:00.000Z',
    };
    this.records.push(firstRevision(this.scribe, 'reading', content, lotId));
  }

  /** Answers whether hives of typed boxes were treated or fed, through the form. */
  answerTreated(lotId: string, outsideBoxes: 'nothing-given' | 'given'): void {
    const former = this.ruled(lotId).file.circumstances;
    const form = {
      ...circumstancesFormOf(former?.content ?? null, DEFAULT_PREFERENCES),
      outsideBoxes,
    };
    const parsed = readCircumstancesForm(form, DEFAULT_PREFERENCES);
    if (!parsed.ok) throw new Error('the form did not take the answer');
    this.records.push(
      entryRevision(this.scribe, { kind: 'circumstances', former, ownerId: lotId }, parsed.content),
    );
  }

  /** Marks a bucket to be kept apart. */
  keepApart(container: string, item: number): void {
    const last = current(this.records).find((record) => record.entityId === container);
    if (last?.kind !== 'container') return;
    const content = { ...last.content, suspects: [{ item, because: 'other' as const }] };
    this.records.push(nextRevision(this.scribe, last, { content, reason: 'Kept apart' }));
  }

  correctLastReading(lotId: string, percent: number): void {
    const last = current(this.records).findLast(
      (record) => record.kind === 'reading' && record.ownerId === lotId,
    );
    if (last?.kind !== 'reading') return;
    const content = { ...last.content, dialValue: percent };
    this.records.push(nextRevision(this.scribe, last, { content, reason: 'Typed wrong' }));
  }

  ledger() {
    return demoLedger(this.records, this.nowMs);
  }

  files(): readonly LotFile[] {
    return this.ledger().files;
  }

  ruled(lotId: string): RuledLot {
    const ledger = this.ledger();
    const file = ledger.files.find((lotFile) => lotFile.lot.entityId === lotId)!;
    return ruledLot(file, ledger);
  }

  stored(lotId: string): StoredLot {
    const lot = this.ruled(lotId);
    const vessels = storedVessels(lot.file, 17.5, []);
    return { ...lot, vessels, jars: jarStocks(lot.file) };
  }

  gate(lotId: string, vesselIds: readonly string[] = []): Gate {
    return gateOf(this.ruled(lotId), vesselIds);
  }

  sign(lotId: string): void {
    const lot = this.ruled(lotId);
    const { evidence, ruling, file } = lot;
    const signature = { outcome: ruling.outcome, initials: 'AB', overrideReason: '', remark: '' };
    const evidenceIds = evidenceIdsOf(file, this.ledger().meters);
    const content = signedRulingContent(signature, { evidence, ruling, evidenceIds }, SIGNED_IN);
    const former = file.ruling;
    this.records.push(
      entryRevision(this.scribe, { kind: 'ruling', former, ownerId: lotId }, content),
    );
  }

  /** Fills jars through the form; whether it let it. */
  fill(lotId: string, vessel: string, count: number, said: Said = NOTHING_SAID): boolean {
    const lot = this.ruled(lotId);
    const code = `${lot.file.lot.content.code}.${lot.file.packings.length + 1}`;
    const fresh = {
      code,
      nowIso: new Date(this.nowMs).toISOString(),
      bestBefore: '2027-08-20',
    };
    const form = {
      ...packFormOf(null, fresh, DEFAULT_PREFERENCES),
      from: vessel,
      count: String(count),
      ...said,
    };
    return this.keep(
      'packing',
      lotId,
      readPackForm(form, {
        preferences: DEFAULT_PREFERENCES,
        moisturePercent: lot.ruling.belief.mean,
        leftKg: () => null,
        gateFor: (ids) => gateOf(lot, ids),
      }),
    );
  }

  /** Gives jars out through the form; whether it let it. */
  giveOut(lotId: string, count: number, to: string, said: Said = NOTHING_SAID): boolean {
    const lot = this.ruled(lotId);
    const packing = lot.file.packings.at(-1);
    if (!packing) return false;
    const ids = packing.content.from.map((item) => `${item.containerId}#${item.item}`);
    const form = {
      ...freshJarMove(new Date(this.nowMs).toISOString(), DEFAULT_PREFERENCES),
      act: 'given-out' as const,
      count: String(count),
      to,
      ...said,
    };
    const stock = { id: packing.entityId, free: 1000, left: 1000, setAside: 0 };
    return this.keep(
      'jar-move',
      lotId,
      readJarMoveForm(form, stock, {
        preferences: DEFAULT_PREFERENCES,
        gate: gateOf(lot, ids),
      }),
    );
  }

  private keep<K extends 'packing' | 'jar-move'>(
    kind: K,
    lotId: string,
    parsed: Parsed<ContentOf<K>>,
  ): boolean {
    if (parsed.ok) {
      this.records.push(
        entryRevision(this.scribe, { kind, former: null, ownerId: lotId }, parsed.content),
      );
    }
    return parsed.ok;
  }

  /** Pours buckets of some lots together and makes the tank a lot. */
  blend(from: readonly { readonly lotId: string; readonly container: string }[]): string {
    const files = this.files();
    const pours = from.map(({ lotId, container }) => ({
      lotId,
      containerId: container,
      item: 1,
      label: 'Bucket 1',
      lotCode: files.find((file) => file.lot.entityId === lotId)!.lot.content.code,
      massKg: 10,
      meanPercent: 17,
    }));
    const blend: Blend = firstRevision(this.scribe, 'blend', {
      name: 'Blend',
      day: '2026-08-20',
      targetPercent: 18,
      aim: 'fill',
      mixFlows: true,
      mixColours: true,
      wholeOnly: false,
      tanks: [
        {
          label: 'Tank 1',
          capacityKg: 100,
          lotId: null,
          expected: { meanPercent: 17, standardPercent: 0.2 },
          pours,
        },
      ],
      remark: '',
    });
    const at = '2026-08-20T10:00:00.000Z';
    const ticks = pours.map((_, pour) =>
      firstRevision(this.scribe, 'blend-tick', { tank: 0, pour, massKg: 10, at }, blend.entityId),
    );
    const fromLotIds = pours.map((pour) => pour.lotId);
    const poured = { at: 0, pouredKg: 10 * from.length, fromLotIds, files };
    const made = blendedLotRecords(this.scribe, blend, poured);
    this.records.push(blend, ...ticks, ...made);
    return made[0]!.entityId;
  }

  callBacks(lotId: string): OpenCallBack[] {
    return openCallBacks(this.ruled(lotId));
  }
}
