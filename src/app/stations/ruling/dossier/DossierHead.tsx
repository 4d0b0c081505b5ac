import type { ReactElement } from 'react';
import type { Ruling } from '../../../../core';
import type { LotFile } from '../../../../records';
import { inHundred } from '../../../../core';
import { formatDay } from '../../../format/dates';
import { formatPercent } from '../../../format/moisture';
import { headline } from '../../../format/phrasing';

interface DossierHeadProps {
  file: LotFile;
  ruling: Ruling;
  demo: boolean;
}

function statement({ belief, overProbability, limitPercent }: Ruling): string {
  const risk = `chance to be over ${formatPercent(limitPercent)} %: ${inHundred(overProbability)}`;
  if (belief.basis === 'readings') {
    return `${formatPercent(belief.mean)} ± ${formatPercent(belief.expanded)} % water by refractometry (95 %); ${risk}.`;
  }
  const from = formatPercent(belief.mean - belief.expanded);
  const to = formatPercent(belief.mean + belief.expanded);
  return `Moisture not measured; expected ${from} to ${to} %; ${risk}.`;
}

/** Which lot, and what the rules say of the evidence at hand. */
export function DossierHead({ file, ruling, demo }: DossierHeadProps): ReactElement {
  const { content } = file.lot;
  const facts = [
    `Extracted ${formatDay(content.date)}`,
    content.plant,
    content.honeyKind === 'heather' ? 'heather (Calluna)' : '',
    content.origin,
  ];
  return (
    <header>
      <p className="text-base font-semibold">
        Ripenum lot dossier{demo ? ' · demo season, everything made up' : ''}
      </p>
      <h1 className="text-4xl leading-tight font-bold">
        {content.name === '' ? `Lot ${content.code}` : `${content.name}, lot ${content.code}`}
      </h1>
      <p className="text-base">{facts.filter((one) => one !== '').join(' · ')}</p>
      {content.remark !== '' && <p className="text-base">{content.remark}</p>}
      <p className="mt-4 text-3xl font-bold">{headline(ruling)}</p>
      <p className="text-lg">{statement(ruling)}</p>
    </header>
  );
}
