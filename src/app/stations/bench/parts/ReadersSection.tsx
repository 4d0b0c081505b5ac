import type { ReactElement } from 'react';
import { OWN_REPEATABILITY_FROM_DOF, SPREAD_PRIORS } from '../../../../core';
import { repeatabilityOf, type Workshop } from '../../../../model';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';

/** How well each reader repeats, from their own replicates. */
export function ReadersSection({ workshop }: { workshop: Workshop }): ReactElement {
  const { replicates } = workshop;
  const readers = [...new Set(replicates.map((one) => one.reader))].sort();
  const prior = SPREAD_PRIORS.repeatability;
  return (
    <SheetSection id="readers" title="Who reads how well">
      {readers.length === 0 ? (
        <p className="text-lg">
          Nobody has signed a reading with initials yet. Write yours under Kit, read the same sample
          twice now and then, and your own repeatability takes the place of the assumed{' '}
          {prior.standardDeviation} points.
        </p>
      ) : (
        <PlainTable
          label="Readers"
          head={['Reader', 'Repeats to', 'From']}
          rows={readers.map((reader) => {
            const own = repeatabilityOf(reader, replicates);
            const replicateCount =
              own.degreesOfFreedom - (own.from === 'own' ? 0 : prior.degreesOfFreedom);
            return [
              <strong key={reader}>{reader}</strong>,
              `${own.standardDeviation.toFixed(2)} points`,
              own.from === 'own'
                ? `${replicateCount} own repeats`
                : `${replicateCount} own repeats with the assumed; by itself from ${OWN_REPEATABILITY_FROM_DOF}`,
            ];
          })}
        />
      )}
    </SheetSection>
  );
}
