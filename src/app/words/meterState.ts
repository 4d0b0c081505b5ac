import { calibrationAt, checkDue, percentPerStatedIndex, type CheckDue } from '../../core';
import { type LotFile, type Meter } from '../../model';
import { dayOfMoment, type Reading } from '../../records';
import { meterWords } from './english/meter';

/** Readings taken with a meter, oldest first. */
export function readingsOfMeter(files: readonly LotFile[], instrumentId: string): Reading[] {
  return files
    .flatMap((file) => file.readings)
    .filter((item) => item.content.instrumentId === instrumentId)
    .sort((a, b) => a.content.takenAt.localeCompare(b.content.takenAt));
}

/** Whether a check of the meter is due now. */
export function dueOf(meter: Meter, readings: readonly Reading[], now: string): CheckDue {
  const last = meter.checks.at(-1)?.content.takenAt ?? null;
  const since = readings.filter(
    (reading) => last === null || reading.content.takenAt > last,
  ).length;
  const { checkEveryDays, checkEveryReadings } = meter.instrument.content;
  const calibration = calibrationAt(meter.points, dayOfMoment(now));
  return checkDue({
    lastDay: last === null ? null : dayOfMoment(last),
    today: dayOfMoment(now),
    readingsSince: since,
    everyDays: checkEveryDays,
    everyReadings: checkEveryReadings,
    jumped: calibration.status === 'known' && calibration.jumped,
  });
}

/** "Check due: 12 days overdue." */
export function dueWords(due: CheckDue): string {
  const days = due.daysLeft === null ? 0 : Math.round(due.daysLeft);
  switch (due.because) {
    case 'never':
      return meterWords.neverCheckedItsReadingsCount();
    case 'jump':
      return meterWords.itsLastCheckFoundA();
    case 'days':
      return days === 0
        ? meterWords.checkDueToday()
        : meterWords.checkOverdueByDays({ days: -days });
    case 'readings':
      return meterWords.checkDueYouHaveTaken();
    case null:
      return meterWords.nextCheckInDaysOr({
        number: Math.max(1, days),
        readingsLeft: due.readingsLeft,
      });
  }
}

/** What is known of the zero now, one sentence. */
export function zeroWords(meter: Meter, now: string): string {
  const calibration = calibrationAt(meter.points, dayOfMoment(now));
  switch (calibration.status) {
    case 'none':
      return meterWords.itsZeroIsNotKnown();
    case 'rough':
      return calibration.agrees
        ? meterWords.aRoughCheckFoundNothing()
        : meterWords.aRoughCheckDisagreesCheck();
    case 'known': {
      const wet = -calibration.offsetIndex * percentPerStatedIndex();
      const doubt = `± ${(2 * calibration.standardPercent).toFixed(1)}`;
      if (Math.abs(wet) < 0.05) return meterWords.itsZeroIsRight({ doubt });
      const size = Math.abs(wet).toFixed(1);
      return meterWords.itReadsTooEveryReading({
        size,
        part: wet > 0 ? meterWords.wet() : meterWords.dry(),
        doubt,
      });
    }
  }
}
