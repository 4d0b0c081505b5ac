import {
  DEFAULT_RULE_SET_ID,
  amountMass,
  findRuleSet,
  interpretReading,
  priorExpectation,
  readingBudget,
  updatedExpectation,
  type CombEvidence,
  type LotEvidence,
  type PastLot,
  type ReadingEvidence,
  type VesselEvidence,
} from '../core';
import type { CombJudgementContent } from './combJudgement';
import type { ContainerContent } from './container';
import type { LotContent } from './lot';
import type { LotFile } from './lotFile';
import type { LotFramesContent } from './lotFrames';
import { makeUpShake, makeUpStates } from './lotMakeUp';
import type { ReadingContent } from './reading';

/** Moisture assumed for the density where nothing better is known [%]. */
const TYPICAL_MOISTURE_PERCENT = 17.5;

/** Contents with the entity they belong to; enough for evidence, saved or not yet. */
export interface Kept<T> {
  readonly entityId: string;
  readonly content: T;
}

/** What evidence is made of: saved contents, or contents still being typed. */
export interface LotContents {
  readonly lot: LotContent;
  readonly containers: readonly Kept<ContainerContent>[];
  readonly comb: CombJudgementContent | null;
  /** the frames it was made of; they outrank a look at the whole */
  readonly frames: LotFramesContent | null;
  readonly readings: readonly Kept<ReadingContent>[];
}

/** One vessel of a container entry. */
export function vesselId(containerId: string, item: number): string {
  return `${containerId}#${item}`;
}

/** "Bucket 2" for the second of several, the bare label where there is one. */
export function vesselLabel(content: ContainerContent, item: number): string {
  return content.count > 1 ? `${content.label} ${item}` : content.label;
}

/** All vessels of the lot, one by one, with the mass of each where known. */
export function vesselsOf(containers: readonly Kept<ContainerContent>[]): VesselEvidence[] {
  return containers.flatMap(({ entityId, content }) => {
    const massKg = content.amount
      ? amountMass(content.amount, TYPICAL_MOISTURE_PERCENT).massKg
      : null;
    return Array.from({ length: content.count }, (_, at) => ({
      id: vesselId(entityId, at + 1),
      label: vesselLabel(content, at + 1),
      massKg,
    }));
  });
}

/** A reading as the rules see it, or null where its dial is beyond any honey. */
function readingEvidence({ entityId, content }: Kept<ReadingContent>): ReadingEvidence | null {
  const read = interpretReading(content);
  if (read.status !== 'read') return null;
  const { containerId, item } = content;
  return {
    id: entityId,
    vesselId: containerId === null ? null : vesselId(containerId, item ?? 1),
    moisturePercent: read.moisturePercent,
    marks: read.marks,
    zeroCheck: content.zeroCheck,
    budget: readingBudget(content, content),
  };
}

/** Frames of a lot that were blocked and taken all the same, each reason once. */
function clearedOf({ frames }: LotFramesContent): { from: string; because: string }[] {
  const reasons = new Map(
    frames
      .filter((one) => one.cleared !== '')
      .map((one) => [`${one.hive} ${one.cleared}`, { from: one.hive, because: one.cleared }]),
  );
  return [...reasons.values()];
}

/** What was seen of the comb: frame by frame, else as a whole, else nothing. */
function combEvidence(
  { comb, frames }: LotContents,
  pastLots: readonly PastLot[],
): CombEvidence | null {
  const expectation = updatedExpectation(priorExpectation(frames?.climate), pastLots);
  if (frames) {
    const states = makeUpStates(frames);
    const { school } = frames;
    const shake = makeUpShake(states);
    const cappedShare = Math.min(1, states.capped);
    return { cappedShare, shake, states, school, expectation, cleared: clearedOf(frames) };
  }
  return comb && { cappedShare: comb.cappedTenths / 10, shake: comb.shake, expectation };
}

/**
 * The evidence that the core rules on. An unknown rule set falls back to the default one.
 *
 * @param pastLots - own lots before this one; they correct what is expected of the comb
 */
export function evidenceFrom(
  contents: LotContents,
  pastLots: readonly PastLot[] = [],
): LotEvidence {
  const { lot, containers, readings } = contents;
  const ruleSet = findRuleSet(lot.ruleSetId) ?? findRuleSet(DEFAULT_RULE_SET_ID);
  if (!ruleSet) throw new Error('the default rule set is missing');
  return {
    honeyKind: lot.honeyKind,
    ruleSet,
    targetPercent: lot.targetPercent,
    comb: combEvidence(contents, pastLots),
    vessels: vesselsOf(containers),
    readings: readings.map(readingEvidence).filter((one) => one !== null),
    storageTemperatureC: lot.storageTemperatureC,
    signs: lot.signs,
  };
}

/** The saved contents of a lot. */
export function contentsOf(file: LotFile): LotContents {
  return {
    lot: file.lot.content,
    containers: file.containers,
    comb: file.comb?.content ?? null,
    frames: file.frames?.content ?? null,
    readings: file.readings,
  };
}
