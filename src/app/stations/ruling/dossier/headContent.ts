import { type Ruling } from '../../../../core';
import { formatDay } from '../../../format/dates';
import { formatPercent } from '../../../format/moisture';
import { headline } from '../../../words/phrasing';
import type { PaperHead } from '../../../pdf/content';
import type { DossierSources } from './dossierSources';
import { commonWords } from '../../../words/english/common';
import { dossierWords } from '../../../words/english/dossier';
import { inHundred } from '../../../format/chance';

function statement({ belief, overProbability, limitPercent }: Ruling): string {
  const risk = dossierWords.chanceItIsOver({
    limitPercent: formatPercent(limitPercent),
    overProbability: inHundred(overProbability),
  });
  if (belief.basis === 'readings') {
    return dossierWords.waterByRefractometry({
      mean: formatPercent(belief.mean),
      expanded: formatPercent(belief.expanded),
      risk,
    });
  }
  if (belief.basis === 'laboratory') {
    return dossierWords.waterByALaboratory({
      mean: formatPercent(belief.mean),
      expanded: formatPercent(belief.expanded),
      risk,
    });
  }
  const from = formatPercent(belief.mean - belief.expanded);
  const to = formatPercent(belief.mean + belief.expanded);
  return dossierWords.moistureNotMeasuredExpectedTo({ from, to, risk });
}

/** Which lot, and what the rules say of the evidence at hand. */
export function headOf({ file, answer, demo }: DossierSources): PaperHead {
  const { content } = file.lot;
  const facts = [
    dossierWords.extracted({ date: formatDay(content.date) }),
    content.plant,
    content.honeyKind === 'heather' ? dossierWords.heatherCalluna() : '',
    content.origin,
  ];
  return {
    over: dossierWords.ripenumLotDossier({
      part: demo ? dossierWords.demoSeasonEverythingMadeUp() : '',
    }),
    title:
      content.name === ''
        ? commonWords.lot({ code: content.code })
        : dossierWords.lot({ name: content.name, code: content.code }),
    facts: facts.filter((fact) => fact !== '').join(' · '),
    remark: content.remark,
    decision: headline(answer.ruling),
    statement: statement(answer.ruling),
  };
}
