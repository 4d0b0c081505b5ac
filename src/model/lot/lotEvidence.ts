import {
  TYPICAL_MOISTURE_PERCENT,
  PIECE_CAPPED_SHARE,
  RULE_SETS,
  amountMass,
  priorExpectation,
  readingBudget,
  readingsInTime,
  ruleSetOf,
  say,
  updatedExpectation,
  type Circumstances,
  type Message,
  type CombEvidence,
  type HoneyEvent,
  type LearnedSpreads,
  type LotEvidence,
  type MethodKind,
  type PastLot,
  type ReadingEvidence,
  type RuleSet,
  type Spread,
  type VesselEvidence,
} from '../../core';
import {
  type CircumstancesContent,
  type CombJudgementContent,
  type ContainerContent,
  dayOfMoment,
  type LotContent,
  type LotFramesContent,
  type PieceContent,
  type ReadingContent,
  type Suspicion,
  vesselId,
  vesselIdOf,
} from '../../records';
import { benchEvidence, classOf, NOTHING_AT_THE_BENCH, type BenchContents } from './benchEvidence';
import type { RelatedEvidence } from './relatedEvidence';
import { dayNumber } from '../days';
import type { LotFile } from './lotFile';
import { compositionColours, compositionShake, compositionStates } from './lotComposition';
import { meteredReading, wouldBePercent, type Meters } from './meters';

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
  /** plan, colour, senses and laboratory */
  readonly bench?: BenchContents;
  /** what else bears on it */
  readonly circumstances?: CircumstancesContent | null;
  /** pieces of comb honey, each looked at by itself */
  readonly pieces?: readonly PieceContent[];
}

/** What is known besides the lot itself. */
export interface LotContext {
  /** own lots before this one; they correct what is expected of the comb */
  readonly pastLots?: readonly PastLot[];
  readonly meters: Meters;
  /** how well those who read it repeat, from other lots */
  readonly repeatability?: Spread;
  /** what vessels differ by, from other lots */
  readonly learned?: LearnedSpreads;
  /** shipped ones and the keeper's own; without it the shipped ones */
  readonly ruleSets?: readonly RuleSet[];
  /** what rooms, days at the line, blends and hives tell of it */
  readonly related?: RelatedEvidence;
  /** what happened to its honey, that parts readings of before from those of now */
  readonly events?: readonly HoneyEvent[];
}

const SUSPICION_WORDS: Readonly<Record<Suspicion, Message>> = {
  'open-frames': say('rules.openFrames'),
  'last-of-extractor': say('rules.lastOfTheExtractor'),
  drip: say('rules.drainedFromCappings'),
  other: say('rules.markedByYou'),
};

/** "Bucket 2" for the second of several, the bare label where there is one. */
export function vesselLabel(content: ContainerContent, item: number): string {
  return content.count > 1 ? `${content.label} ${item}` : content.label;
}

/** What a vessel is called; empty where it is not of the lot. */
export const vesselLabelOf = (vessels: readonly VesselEvidence[], id: string): string =>
  vessels.find((vessel) => vessel.id === id)?.label ?? '';

/** All vessels of the lot, one by one, with the mass of each where known. */
export function vesselsOf(containers: readonly Kept<ContainerContent>[]): VesselEvidence[] {
  return containers.flatMap(({ entityId, content }) => {
    const massKg = content.amount
      ? amountMass(content.amount, TYPICAL_MOISTURE_PERCENT).massKg
      : null;
    return Array.from({ length: content.count }, (_, at) => {
      const suspect = content.suspects.find((item) => item.item === at + 1);
      return {
        id: vesselId(entityId, at + 1),
        label: vesselLabel(content, at + 1),
        massKg,
        ...(suspect && { suspectBecause: SUSPICION_WORDS[suspect.because] }),
      };
    });
  });
}

/** A reading as the rules see it, or null where it is practice or its dial is beyond any honey. */
export function readingEvidence(
  { entityId, content }: Kept<ReadingContent>,
  meters: Meters,
  kind: MethodKind = 'blossom',
): ReadingEvidence | null {
  const metered = meteredReading(content, meters);
  const { read } = metered;
  if (content.practice || read.status !== 'read') return null;
  const { instrumentId, spot } = content;
  const wouldBe = wouldBePercent(metered);
  return {
    id: entityId,
    vesselId: vesselIdOf(content),
    moisturePercent: read.moisturePercent,
    meterId: instrumentId,
    spot,
    marks: read.marks,
    zeroCheck: metered.condition.zeroCheck,
    takenDay: dayOfMoment(content.takenAt),
    budget: readingBudget(metered.dial, metered.condition, kind),
    ...(wouldBe !== null && { wouldBePercent: wouldBe }),
  };
}

/** Readings that say nothing, since with what their meter is off by they are beyond any honey. */
const isUnreadable = ({ content }: Kept<ReadingContent>, meters: Meters): boolean =>
  !content.practice && meteredReading(content, meters).read.status !== 'read';

/** Frames of a lot that were blocked and taken all the same, each reason once. */
function clearedOf({ frames }: LotFramesContent): { from: string; because: string }[] {
  const reasons = new Map(
    frames
      .filter((frame) => frame.cleared !== '')
      .map((frame) => [
        `${frame.hive} ${frame.cleared}`,
        { from: frame.hive, because: frame.cleared },
      ]),
  );
  return [...reasons.values()];
}

/** What the keeper said, as the core takes it. */
export function circumstancesOf({ treated, ...said }: CircumstancesContent): Circumstances {
  return {
    ...said,
    treated: treated && { product: treated.product, freeFromDay: dayNumber(treated.freeFrom) },
  };
}

/** The colour that most of the honey was guessed to have, beside the last one read in glass. */
function colourEvidence({ frames, bench }: LotContents): Pick<LotEvidence, 'colour'> {
  const inGlass = [...(bench?.colours ?? [])].sort((a, b) => b.takenAt.localeCompare(a.takenAt))[0];
  const guesses = frames ? [...compositionColours(frames)] : [];
  const [most] = guesses.sort(([, a], [, b]) => b - a);
  return inGlass && most && most[0] !== 'mixed'
    ? { colour: { guess: most[0], inGlass: classOf(inGlass) } }
    : {};
}

/** Capped share of the pieces that are sold as comb [1]; the others are extracted with the rest. */
function piecesShare(pieces: readonly PieceContent[]): number | null {
  const ripe = pieces.filter(
    (piece) =>
      !piece.weeping &&
      !piece.foreign &&
      piece.sacrificed === null &&
      piece.cappedTenths / 10 >= PIECE_CAPPED_SHARE,
  );
  if (ripe.length === 0) return null;
  return ripe.reduce((sum, item) => sum + item.cappedTenths / 10, 0) / ripe.length;
}

/** What was seen of the comb: frame by frame, else as a whole, else piece by piece, else nothing. */
function combEvidence(
  { comb, frames, pieces = [] }: LotContents,
  pastLots: readonly PastLot[],
): CombEvidence | null {
  const expectation = updatedExpectation(priorExpectation(frames?.climate ?? 'not-said'), pastLots);
  if (frames) {
    const states = compositionStates(frames);
    const { school } = frames;
    const shake = compositionShake(states);
    const cappedShare = Math.min(1, states.capped);
    return { cappedShare, shake, states, school, expectation, cleared: clearedOf(frames) };
  }
  if (comb) return { cappedShare: comb.cappedTenths / 10, shake: comb.shake, expectation };
  const cappedShare = piecesShare(pieces);
  return cappedShare === null ? null : { cappedShare, shake: 'not-done', expectation };
}

/** The rule set of a lot, and whether the books have it. */
function ruleSetEvidence(
  { ruleSetId }: LotContent,
  ruleSets: readonly RuleSet[] = RULE_SETS,
): Pick<LotEvidence, 'ruleSet' | 'unknown'> {
  const isKnown = ruleSets.some((ruleSet) => ruleSet.id === ruleSetId);
  return {
    ruleSet: ruleSetOf(ruleSetId, ruleSets),
    ...(!isKnown && { unknown: ['rule-set'] as const }),
  };
}

/** The honey as refractometry meets it: what its category and the limits say of it. */
const methodKindOf = ({ honeyKind, category }: LotContent): MethodKind => {
  if (honeyKind === 'heather') return 'heather';
  return category === 'honeydew' ? 'honeydew' : 'blossom';
};

/** Readings of now and of before, and how many cannot be used. */
function readingsEvidence(
  { lot, readings }: LotContents,
  { meters, events = [] }: LotContext,
): Pick<LotEvidence, 'readings' | 'earlier' | 'unreadable'> {
  const usable = readings
    .map((reading) => readingEvidence(reading, meters, methodKindOf(lot)))
    .filter((reading) => reading !== null);
  const { present, earlier } = readingsInTime(usable, events);
  const unreadable = readings.filter((reading) => isUnreadable(reading, meters)).length;
  return {
    readings: present,
    ...(earlier.length > 0 && { earlier }),
    ...(unreadable > 0 && { unreadable }),
  };
}

/** The day since which the honey of a lot is what it is now; nothing ever happened to it: -Infinity. */
const unchangedSince = (events: readonly HoneyEvent[]): number =>
  Math.max(
    -Infinity,
    ...events.filter((honeyEvent) => !honeyEvent.vesselId).map((honeyEvent) => honeyEvent.atDay),
  );

/**
 * The evidence that the core rules on. Where a rule set is not to be found the default one stands in,
 * and the ruling says so.
 *
 * @param known - what is known besides the lot: own lots before it, meters, readers
 */
export function evidenceFrom(contents: LotContents, known: LotContext): LotEvidence {
  const { lot, containers, bench = NOTHING_AT_THE_BENCH } = contents;
  const { pastLots = [], repeatability, learned, related = {}, events = [], ruleSets } = known;
  return {
    honeyKind: lot.honeyKind,
    ...ruleSetEvidence(lot, ruleSets),
    targetPercent: lot.targetPercent,
    comb: combEvidence(contents, pastLots),
    vessels: vesselsOf(containers),
    ...readingsEvidence(contents, known),
    storageTemperatureC: lot.storageTemperatureC,
    signs: lot.signs,
    ...benchEvidence(lot, bench, unchangedSince(events)),
    ...(repeatability && { repeatability }),
    ...(learned && { learned }),
    takenDay: dayNumber(lot.date),
    ...(contents.circumstances && { circumstances: circumstancesOf(contents.circumstances) }),
    ...colourEvidence(contents),
    ...related,
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
    circumstances: file.circumstances?.content ?? null,
    pieces: file.pieces.map((piece) => piece.content),
    bench: {
      plan: file.plan?.content ?? null,
      colours: file.colours.map((colour) => colour.content),
      senses: file.senses.map((sense) => sense.content),
      labReports: file.labReports.map((labReport) => labReport.content),
    },
  };
}
