import type { ReactElement } from 'react';
import { FEWEST_LOOKS, errorsOfEye } from '../../../core';
import { formatDay, isoToday } from '../../format/dates';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { PrintButton } from '../../ui/page/PrintButton';
import { practiceWords } from '../../words/english/practice';
import { usePractice } from './usePractice';

/** What an eye has shown, on one printed page. */
export function CertificateScreen(): ReactElement {
  const { reader, looks, known, query } = usePractice();
  const errors = errorsOfEye(looks.slice(-(known?.looks ?? 0)));
  return (
    <>
      <PageHead over={practiceWords.station()} title={practiceWords.certificateTitle()}>
        <PageLink to={`practice${query}`}>{practiceWords.toPractice()}</PageLink>
        {known && <PrintButton />}
      </PageHead>
      {known && errors ? (
        <div className="mt-6 max-w-2xl border-4 border-ink bg-paper p-6">
          <p className="text-2xl leading-snug font-bold">
            {practiceWords.certificateText({
              reader: reader === '' ? practiceWords.noInitials() : reader,
              looks: known.looks,
            })}
          </p>
          <p className="mt-3 text-xl">
            {practiceWords.certificateBias({
              bias: (100 * errors.mean).toFixed(1),
              off: (100 * errors.scatter).toFixed(1),
            })}
          </p>
          <p className="text-xl">
            {practiceWords.certificateWorth({ points: Math.round(known.worthPoints) })}
          </p>
          <p className="mt-6 text-lg">
            {practiceWords.certificateDate({ day: formatDay(isoToday()) })}
          </p>
          <p className="mt-2 text-base">{practiceWords.certificateCaution()}</p>
        </div>
      ) : (
        <p className="mt-6 text-2xl">{practiceWords.certificateNotYet({ least: FEWEST_LOOKS })}</p>
      )}
    </>
  );
}
