import {
  BUDGET_DEFAULTS,
  calibrationAt,
  foundOnce,
  fullChecks,
  interpretReading,
  jumpAfter,
  rememberedBy,
  type Calibration,
  type DialReading,
  type LearnedSpread,
  type MeterCondition,
  uncheckedZero,
  type ZeroPoint,
} from '../../core';
import {
  dayOfMoment,
  dialReadingOf,
  type Instrument,
  type ReadingContent,
  type ZeroCheckRecord,
  zeroPointOf,
} from '../../records';

/** A meter with its checks, oldest first. */
export interface Meter {
  readonly instrument: Instrument;
  readonly checks: readonly ZeroCheckRecord[];
  readonly points: readonly ZeroPoint[];
}

/** All meters by their id. */
export type Meters = ReadonlyMap<string, Meter>;

export const NO_METERS: Meters = new Map();

/** Meters with their checks, from what holds now. */
export function metersOf(
  instruments: readonly Instrument[],
  checks: readonly ZeroCheckRecord[],
): Meters {
  return new Map(
    instruments.map((instrument) => {
      const own = checks
        .filter((check) => check.ownerId === instrument.entityId)
        .sort((a, b) => a.content.takenAt.localeCompare(b.content.takenAt));
      return [instrument.entityId, { instrument, checks: own, points: own.map(zeroPointOf) }];
    }),
  );
}

/** A reading with all that is known of its meter. */
export interface MeteredReading {
  readonly dial: DialReading;
  /** what the dial means, the known offset taken off */
  readonly read: ReturnType<typeof interpretReading>;
  readonly condition: MeterCondition;
  readonly calibration: Calibration;
  /** the later check that throws doubt on it, null where there is none */
  readonly doubtedBy: ZeroPoint | null;
}

/** What a zero that nobody checked may be off by, as the checks of own meters teach. */
export const learnedZero = foundOnce((meters: Meters): LearnedSpread =>
  uncheckedZero([...meters.values()].map((meter) => meter.points)),
);

function uncheckedCondition(resolution: number, meters: Meters): MeterCondition {
  const { standardDeviation, degreesOfFreedom } = learnedZero(meters);
  return {
    resolution,
    zeroCheck: 'unchecked',
    calibrationPercent: standardDeviation,
    calibrationDof: degreesOfFreedom,
  };
}

/** How well the zero of one's own meter was known when it was read. */
function conditionOf(resolution: number, calibration: Calibration, meters: Meters): MeterCondition {
  switch (calibration.status) {
    case 'none':
      return uncheckedCondition(resolution, meters);
    case 'rough':
      return {
        resolution,
        zeroCheck: 'unchecked',
        calibrationPercent: calibration.standardPercent,
        calibrationDof: BUDGET_DEFAULTS.calibrationDof.unchecked,
      };
    case 'known':
      return {
        resolution,
        zeroCheck: 'checked',
        calibrationPercent: calibration.standardPercent,
        calibrationDof: calibration.degreesOfFreedom,
      };
  }
}

/**
 * A reading as its meter's history makes it: the known offset subtracted, the doubt of the zero as
 * large as the last check and the time since leave it. The record itself stays as it was read.
 */
export const meteredReading = (content: ReadingContent, meters: Meters): MeteredReading =>
  readWith(meters, content);

const readWith = rememberedBy((meters: Meters, content: ReadingContent): MeteredReading => {
  const plain = dialReadingOf(content);
  const { resolution, zeroCheck } = content;
  const meter = meters.get(content.instrumentId ?? '');
  if (!meter) {
    const condition: MeterCondition =
      zeroCheck === 'unchecked'
        ? uncheckedCondition(resolution, meters)
        : { resolution, zeroCheck };
    const calibration: Calibration = { status: 'none' };
    return { dial: plain, read: interpretReading(plain), condition, calibration, doubtedBy: null };
  }
  const atDay = dayOfMoment(content.takenAt);
  const calibration = calibrationAt(meter.points, atDay);
  const dial =
    calibration.status === 'known' ? { ...plain, offsetIndex: calibration.offsetIndex } : plain;
  return {
    dial,
    read: interpretReading(dial),
    condition: conditionOf(resolution, calibration, meters),
    calibration,
    doubtedBy: jumpAfter(meter.points, atDay),
  };
});

/** What a doubted reading would be with the offset of the later check [%]; null where it is not doubted. */
export function wouldBePercent({ dial, doubtedBy }: MeteredReading): number | null {
  if (!doubtedBy) return null;
  const read = interpretReading({ ...dial, offsetIndex: doubtedBy.offsetIndex });
  return read.status === 'read' ? read.moisturePercent : null;
}

/** Revisions of the checks that a reading's figure rests on. */
export function checkIdsBehind(content: ReadingContent, meters: Meters): string[] {
  const { calibration, doubtedBy } = meteredReading(content, meters);
  const used = calibration.status === 'none' ? [] : [calibration.checkId];
  return [...used, ...(doubtedBy ? [doubtedBy.id] : [])];
}

/** The last full check, else the last rough one; null where there was none. */
export function lastCheck({ points }: Meter): ZeroPoint | null {
  const full = fullChecks(points);
  return full[full.length - 1] ?? points[points.length - 1] ?? null;
}
