import type { Meters } from '../../../model';
import type { ReadingContext, ReadingForm } from '../../forms/bench/readingForm';

/** A value that a streaming meter gave once it had settled. */
export interface Taken {
  readonly instrumentId: string;
  /** as it was written into the form */
  readonly dial: string;
  readonly settledStandard: number;
}

/** How the reading in the form comes in: typed unless the meter's own settled value still stands in it. */
export function comingFrom(
  form: ReadingForm,
  taken: Taken | null,
  meters: Meters,
): Pick<ReadingContext, 'source' | 'settledStandard'> {
  const connection = meters.get(form.instrumentId)?.instrument.content.connection;
  const stands = taken?.instrumentId === form.instrumentId && taken.dial === form.dialValue;
  if (stands && taken !== null) {
    const source = connection === 'serial' ? 'serial' : 'meter';
    return { source, settledStandard: taken.settledStandard };
  }
  return { source: connection === 'eyepiece' ? 'eyepiece' : 'typed' };
}
