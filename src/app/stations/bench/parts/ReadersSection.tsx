import type { ReactElement } from 'react';
import { OWN_REPEATABILITY_FROM_DOF, SPREAD_PRIORS } from '../../../../core';
import { repeatabilityOf, type Ledger } from '../../../../model';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

/** How well each reader repeats, from their own replicates. */
export function ReadersSection({ ledger }: { ledger: Ledger }): ReactElement {
  const { replicates } = ledger;
  const readers = [...new Set(replicates.map((replicate) => replicate.reader))].sort();
  const prior = SPREAD_PRIORS.repeatability;
  return (
    <SheetSection id="readers" title={benchWords.howWellEachPersonReads()}>
      {readers.length === 0 ? (
        <p className="text-lg">
          {benchWords.noReadingHasInitialsYet({ standardDeviation: prior.standardDeviation })}
        </p>
      ) : (
        <PlainTable
          label={benchWords.readers()}
          head={[benchWords.reader(), benchWords.repeatsTo(), commonWords.from()]}
          rows={readers.map((reader) => {
            const own = repeatabilityOf(reader, replicates);
            const replicateCount =
              own.degreesOfFreedom - (own.from === 'own' ? 0 : prior.degreesOfFreedom);
            return [
              <strong key={reader}>{reader}</strong>,
              benchWords.points({ standardDeviation: own.standardDeviation.toFixed(2) }),
              own.from === 'own'
                ? benchWords.ownRepeats({ replicateCount })
                : benchWords.ownRepeatsCombinedWithThe({
                    replicateCount,
                    ownRepeatabilityFromDof: OWN_REPEATABILITY_FROM_DOF,
                  }),
            ];
          })}
        />
      )}
    </SheetSection>
  );
}
