import { inHundred, type Ruling } from '../../../../core';
import { formatDay } from '../../../format/dates';
import { formatPercent } from '../../../format/moisture';
import { headline } from '../../../words/phrasing';
import type { PaperHead } from '../../../pdf/content';
import type { DossierSources } from './dossierSources';

function statement({ belief, overProbability, limitPercent }: Ruling): string {
  const risk = `chance it is over ${formatPercent(limitPercent)} %: ${inHundred(overProbability)}`;
  if (belief.basis === 'readings') {
    return `${formatPercent(belief.mean)} ± ${formatPercent(belief.expanded)} % water by refractometry (95 %); ${risk}.`;
  }
  if (belief.basis === 'laboratory') {
    return `${formatPercent(belief.mean)} ± ${formatPercent(belief.expanded)} % water by a laboratory (95 %); ${risk}.`;
  }
  const from = formatPercent(belief.mean - belief.expanded);
  const to = formatPercent(belief.mean + belief.expanded);
  return `Moisture not measured; expected ${from} to ${to} %; ${risk}.`;
}

/** Which lot, and what the rules say of the evidence at hand. */
export function headOf({ file, answer, demo }: DossierSources): PaperHead {
  const { content } = file.lot;
  const facts = [
    `Extracted ${formatDay(content.date)}`,
    content.plant,
    content.honeyKind === 'heather' ? 'heather (Calluna)' : '',
    content.origin,
  ];
  return {
    over: `Ripenum lot dossier${demo ? ' · demo season, everything made up' : ''}`,
    title: content.name === '' ? `Lot ${content.code}` : `${content.name}, lot ${content.code}`,
    facts: facts.filter((one) => one !== '').join(' · '),
    remark: content.remark,
    decision: headline(answer.ruling),
    statement: statement(answer.ruling),
  };
}
