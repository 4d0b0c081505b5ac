import type { ReactElement } from 'react';
import { type Finding, type Ruling } from '../../../../core';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';
import { sourceWords } from '../../../words/tell';
import { useTell } from '../../../words/useTell';

const BEARING_NAMES: Readonly<Record<Finding['bearing'], string>> = {
  ...OUTCOME_NAMES,
  accept: rulingWords.speaksForAccepting(),
  condition: rulingWords.condition(),
  note: commonWords.note(),
};

/** Every finding with its rule and source, the most severe first. */
export function Reasons({ ruling }: { ruling: Ruling }): ReactElement {
  const tell = useTell();
  return (
    <section aria-labelledby="reasons">
      <h2 id="reasons" className="text-2xl font-bold">
        {rulingWords.why()}
      </h2>
      <ol className="mt-2 divide-y divide-thread border-y border-thread">
        {ruling.findings.map((finding, at) => (
          <li key={`${finding.ruleId}-${at}`} className="py-3">
            <p className="text-base font-bold">{BEARING_NAMES[finding.bearing]}</p>
            <p className="text-lg leading-snug">{tell(finding.sentence)}</p>
            <p className="mt-0.5 text-base text-ink-soft">
              {tell(finding.title)} · {sourceWords(finding.source)}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}
