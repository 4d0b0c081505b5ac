import type { SignatureFound } from '../../../../records/exchange/signature';
import type { ReactElement } from 'react';
import { formatDay } from '../../../format/dates';
import { storeWords } from '../../../words/english/store';

function wordsOf({ status, later }: SignatureFound): string {
  if (status === 'genuine') return storeWords.itsRecordsAreAsSigned({ later });
  return status === 'changed' ? storeWords.itsRecordsWereChanged() : storeWords.signatureIsFalse();
}

/** Which devices stand for lots of a file, and whether what they signed is still there. */
export function Signatures({ found }: { found: readonly SignatureFound[] }): ReactElement | null {
  if (found.length === 0) return null;
  return (
    <section aria-labelledby="signatures" className="mt-8 max-w-3xl">
      <h2 id="signatures" className="text-2xl font-bold">
        {storeWords.signaturesInIt()}
      </h2>
      <ul className="mt-2 space-y-3">
        {found.map((signature) => (
          <li
            key={`${signature.code} ${signature.signedAt}`}
            className="border-l-4 border-ink pl-3"
          >
            <p className="text-lg font-semibold">
              {storeWords.signedLot({
                code: signature.code,
                day: formatDay(signature.signedAt),
                print: signature.print,
              })}
            </p>
            <p className="text-base">{wordsOf(signature)}</p>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-base">{storeWords.compareThePrint()}</p>
    </section>
  );
}
