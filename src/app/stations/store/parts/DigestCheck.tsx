import { useId, useState, type ReactElement } from 'react';
import type { DigestHit } from '../../../../records';
import { INPUT } from '../../../ui/classes';
import { storeWords } from '../../../words/english/store';

/** Digits of a digest that tell one lot from another. */
const LEAST_DIGITS = 16;

function hitWords({ code, check }: DigestHit): string {
  const later = check.later > 0 ? storeWords.cameLater({ later: check.later }) : '';
  return storeWords.lotAllRecordsBehindThat({ code, records: check.records, later });
}

/** The digest on a printed dossier, held against the lots of the file. */
export function DigestCheck({
  onAsk,
}: {
  onAsk: (digest: string) => Promise<DigestHit | null>;
}): ReactElement {
  const id = useId();
  const [digest, setDigest] = useState('');
  const [said, setSaid] = useState('');
  const type = async (text: string): Promise<void> => {
    setDigest(text);
    const typed = text.replaceAll(/\s/g, '');
    if (typed.length < LEAST_DIGITS) return setSaid('');
    const hit = await onAsk(typed);
    setSaid(hit ? hitWords(hit) : storeWords.noLotInThisFile());
  };
  return (
    <section aria-labelledby="digest" className="mt-8 max-w-3xl border-t-2 border-ink pt-3">
      <h2 id="digest" className="text-2xl font-bold">
        {storeWords.aDossierOnPaper()}
      </h2>
      <label htmlFor={id} className="mt-2 block text-base font-semibold">
        {storeWords.digestOnTheDossierAt({ leastDigits: LEAST_DIGITS })}
      </label>
      <input
        id={id}
        className={INPUT}
        value={digest}
        autoComplete="off"
        onChange={(event) => void type(event.target.value)}
      />
      <p role="status" className="mt-3 text-xl font-bold">
        {said}
      </p>
    </section>
  );
}
