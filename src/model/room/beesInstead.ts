import { DEFAULT_SCHOOL_ID, finishing, isFlowing, schoolOf, type Finishing } from '../../core';
import type { BatchContent } from '../../records';
import type { Book } from '../day/book';
import { dayNumber, localDayOf } from '../days';
import { flowOnDay } from '../season/flowBoard';

/** A glance at many boxes: how far its share may be off [1]. @source our choice */
const GLANCE = 0.1;

/**
 * Whether bees would have finished the combs of a batch by themselves, had they stayed on: by the flows
 * that were on when they came into the room.
 *
 * @param outsideC - mean of the air outside [°C]
 */
export function beesInstead(content: BatchContent, book: Book, outsideC: number): Finishing {
  const inDay = dayNumber(localDayOf(content.inAt));
  const daysLeft = book.flows.flatMap((flow) => {
    const { course } = flowOnDay(flow, inDay);
    return isFlowing(course) && course.endDay !== null && course.endDay > inDay
      ? [Math.min(366, course.endDay - inDay)]
      : [];
  });
  return finishing({
    share: 1 - content.openShare,
    standardUncertainty: GLANCE,
    wantedShare: schoolOf(DEFAULT_SCHOOL_ID).ripeShare,
    earlier: [],
    daysLeft: daysLeft.length > 0 ? Math.max(...daysLeft) : null,
    temperatureC: outsideC,
  });
}
