import {
  DEFAULT_FORMAT_ID,
  DEFAULT_SCHOOL_ID,
  EXTRACTED_ACTS,
  RULE_SETS,
  schoolOf,
  type KnownEye,
  type RuleSet,
  type ShakeResult,
} from '../../../core';
import {
  bookOf,
  freshSide,
  freshLook,
  harvestFileOf,
  judgeFrames,
  judgingOf,
  limitOfDay,
  lookRecords,
  lotFrameOf,
  type FrameLook,
  type KeptJudgedFrame,
} from '../../../model';
import {
  containerContentSchema,
  firstRevision,
  type AnyRecord,
  type HarvestContent,
  type Preferences,
  type Scribe,
} from '../../../records';
import { freshHarvest, harvestEntry } from '../../forms/hives/harvestForm';
import { oneOf, optional, quantity, words } from '../../entry/codecs';
import { formOf } from '../../entry/entry';
import { Reader, type Parsed } from '../../entry/reader';
import { lotRecords } from './lotsOfDay';
import { combWords } from '../../words/english/comb';
import { commonWords } from '../../words/english/common';

/** One of a few frames: both sides at a glance, the shake, and whether it goes into the bucket. */
export interface QuickTakeFrame {
  sides: { honeyTenths: number; cappedTenths: number | null }[];
  shake: ShakeResult;
  /** as the school says, or the keeper's own choice */
  bucket: 'school' | 'yes' | 'no';
}

/** What of a tiny crop is typed; the frames are tapped. */
export const quickTakeForm = formOf({
  name: words(combWords.name()),
  plant: words(combWords.flowOrPlant()),
  formatId: oneOf(commonWords.frameHeading(), DEFAULT_FORMAT_ID),
  massKg: optional(
    quantity('mass', combWords.honeyInTheBucket(), { hint: combWords.emptyNotWeighedYet() }),
  ),
});

/** A tiny crop as it is tapped. */
export interface QuickTakeForm {
  name: string;
  plant: string;
  formatId: string;
  frames: QuickTakeFrame[];
  /** honey in the bucket, empty where it was not weighed */
  massKg: string;
}

export function freshFewFrame(): QuickTakeFrame {
  const side = (): QuickTakeFrame['sides'][number] => ({ honeyTenths: 10, cappedTenths: null });
  return { sides: [side(), side()], shake: 'not-done', bucket: 'school' };
}

/** Frames to start with: as many as a hobbyist lifts from one hive. */
const FIRST_FRAMES = 3;
export const MOST_FEW = 12;

export function freshQuickTake(): QuickTakeForm {
  return {
    name: combWords.aFewFrames(),
    plant: '',
    formatId: DEFAULT_FORMAT_ID,
    frames: Array.from({ length: FIRST_FRAMES }, freshFewFrame),
    massKg: '',
  };
}

/** A tiny crop, read. */
export interface QuickTake {
  readonly harvest: HarvestContent;
  readonly name: string;
  readonly plant: string;
  readonly formatId: string;
  readonly looks: readonly { look: FrameLook; bucket: QuickTakeFrame['bucket'] }[];
  readonly massKg: number | null;
}

export const isJudged = (frame: QuickTakeFrame): boolean =>
  frame.sides.every((side) => side.cappedTenths !== null || side.honeyTenths === 0);

function lookOf({ sides, shake }: QuickTakeFrame, eye: KnownEye | null): FrameLook {
  return {
    ...freshLook(),
    ...(eye && { eye }),
    sides: sides.map(({ honeyTenths, cappedTenths }) => ({
      ...freshSide(),
      shake,
      quick: { honeyTenths, cappedTenths: cappedTenths ?? 0, undrawnTenths: 0, broodTenths: 0 },
    })),
  };
}

/** The tiny crop that the form says; frames not judged yet are left out. */
export function readQuickTake(
  form: QuickTakeForm,
  preferences: Preferences,
  { today, eye = null }: { today: string; eye?: KnownEye | null },
): Parsed<QuickTake> {
  const reader = new Reader(preferences);
  const judged = form.frames.filter(isJudged);
  if (judged.length === 0) reader.at('frames').fail(combWords.tapTheCappingOfBoth());
  const massKg = quickTakeForm.fields.massKg.read(form.massKg, reader.at('massKg'));
  if (massKg !== null && !(massKg > 0 && massKg <= 1000)) {
    reader.at('massKg').fail(combWords.typeTheWeightOfThe());
  }
  if (form.name.trim() === '') reader.at('name').fail(combWords.giveItANameThat());
  const day = harvestEntry.read(
    { ...freshHarvest(today, preferences), name: form.name },
    preferences,
  );
  if (!day.ok || Object.keys(reader.errors).length > 0) return { ok: false, errors: reader.errors };
  const { name, plant, formatId } = form;
  const looks = judged.map((quickTakeFrame) => ({
    look: lookOf(quickTakeFrame, eye),
    bucket: quickTakeFrame.bucket,
  }));
  return { ok: true, content: { harvest: day.content, name, plant, formatId, looks, massKg } };
}

const OVERRIDES = { yes: 'take', no: 'put-back' } as const;

/** What was written of a tiny crop, and how its frames were judged. */
export interface FewRecords {
  readonly records: readonly AnyRecord[];
  readonly judged: readonly KeptJudgedFrame[];
}

/** The day, the frames and the looks of a tiny crop, without naming yards or boxes. */
export function quickTakeLooks(
  scribe: Scribe,
  quickTake: QuickTake,
  ruleSets: readonly RuleSet[] = RULE_SETS,
): FewRecords {
  const harvest = firstRevision(scribe, 'harvest', quickTake.harvest);
  const box = firstRevision(scribe, 'box', {
    boxKind: 'tote',
    label: quickTake.name.slice(0, 40),
    yardId: null,
    colonyId: null,
    role: 'honey',
    formatId: quickTake.formatId,
    slots: Math.max(1, quickTake.looks.length),
    excluder: false,
    newComb: false,
    lastHoney: '',
    cleanedSince: true,
    onDay: null,
    offDay: null,
    earlier: [],
  });
  const book = { ...bookOf([harvest, box]), ruleSets };
  const looks = quickTake.looks.map(({ look, bucket }, at) => ({
    slot: at + 1,
    look,
    override: bucket === 'school' ? null : { act: OVERRIDES[bucket], because: '' },
  }));
  const seen = lookRecords(scribe, { harvest, box, looks, known: [] }, book);
  const judged = judgeFrames(
    harvestFileOf(seen, harvest.entityId).stories,
    judgingOf(book, harvest),
  );
  return { records: [harvest, box, ...seen], judged };
}

/** Writes into the air: for looking at what would be kept. */
function previewScribe(): Scribe {
  let count = 0;
  return {
    newId: () => `preview-${(count += 1)}`,
    now: () => '2000-01-01T00:00:00.000Z',
    author: '',
  };
}

/** How the frames of a tiny crop would be judged; nothing is kept. */
export const previewLooks = (
  quickTake: QuickTake,
  ruleSets: readonly RuleSet[],
): readonly KeptJudgedFrame[] => quickTakeLooks(previewScribe(), quickTake, ruleSets).judged;

/** Frames that go into the bucket: what is put back makes no lot. */
export const takenFrames = (quickTake: QuickTake, ruleSets: readonly RuleSet[]): number =>
  previewLooks(quickTake, ruleSets).filter(({ act }) => EXTRACTED_ACTS.includes(act)).length;

/** Everything of a tiny crop as records, its lot and bucket among them. */
export function quickTakeRecords(
  scribe: Scribe,
  quickTake: QuickTake,
  { code, ruleSets = RULE_SETS }: { readonly code: string; readonly ruleSets?: readonly RuleSet[] },
): AnyRecord[] {
  const { records, judged } = quickTakeLooks(scribe, quickTake, ruleSets);
  const book = { ...bookOf(records), ruleSets };
  const harvest = book.harvests[0];
  const taken = judged.filter((keptJudgedFrame) => EXTRACTED_ACTS.includes(keptJudgedFrame.act));
  if (!harvest || taken.length === 0) return [...records];
  const basis = {
    harvestId: harvest.entityId,
    harvest: harvest.content,
    school: schoolOf(DEFAULT_SCHOOL_ID),
    limitPercent: limitOfDay(book, harvest),
    climate: 'not-said' as const,
    plant: quickTake.plant,
  };
  const frames = taken.map((keptJudgedFrame) => lotFrameOf(keptJudgedFrame, book, harvest));
  const lot = lotRecords(scribe, basis, { code, name: quickTake.name, frames });
  const bucket = containerContentSchema.parse({
    containerKind: 'bucket',
    label: combWords.bucket(),
    count: 1,
    suspects: [],
    amount:
      quickTake.massKg === null ? null : { by: 'mass', massKg: quickTake.massKg, plusMinusKg: 0.1 },
  });
  const lotId = lot[0]?.entityId;
  return [
    ...records,
    ...lot,
    ...(lotId ? [firstRevision(scribe, 'container', bucket, lotId)] : []),
  ];
}
