import { OCCASION_NAMES } from '../../../words/strainWords';
import { formatMoment } from '../../../format/dates';
import { formatQuantity } from '../../../format/units';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';
import { commonWords } from '../../../words/english/common';
import { dossierWords } from '../../../words/english/dossier';

const share = (value: number): string =>
  Number.isFinite(value) ? `${Math.round(100 * value)} %` : commonWords.all();

function heatBlocks({ heat, preferences }: DossierSources): PaperBlock[] {
  if (!heat || heat.entries.length === 0) return [text(dossierWords.warmthNothingRecorded())];
  const { low, likely, high } = heat.balance.spentShare;
  return [
    {
      as: 'table',
      label: dossierWords.warmth(),
      head: [
        commonWords.what(),
        commonWords.from(),
        dossierWords.days(),
        dossierWords.warmest(),
        commonWords.known(),
      ],
      rows: heat.entries.map(({ occasion, startedMs, history, from, words }) => [
        `${OCCASION_NAMES[occasion]}${words === '' ? '' : `, ${words}`}`,
        formatMoment(new Date(startedMs).toISOString()),
        history.reduce((sum, warmSpell) => sum + warmSpell.days, 0).toFixed(1),
        formatQuantity(
          Math.max(...history.map((warmSpell) => warmSpell.temperatureC)),
          'temperature',
          preferences,
        ),
        from === 'log' ? dossierWords.logged() : dossierWords.asRecorded(),
      ]),
      shares: [0.38, 0.22, 0.1, 0.14, 0.16],
    },
    text(
      dossierWords.spentOfWhatHmfAnd({
        share: share(likely),
        share2: share(low),
        share3: share(high),
      }),
    ),
  ];
}

/** Warmth and drying, and what the honey ran through. */
export function relatedPart(sources: DossierSources): PaperPart {
  const { drying, finestMeshUm } = sources.answer.evidence;
  const course = drying?.course;
  return {
    title: dossierWords.warmthDryingAndStraining(),
    blocks: [
      ...heatBlocks(sources),
      text(
        drying
          ? dossierWords.dryingDaysInAWarm({
              days: Number(drying.days.toFixed(1)),
              part: course
                ? dossierWords.toThere({
                    fromPercent: course.fromPercent.toFixed(1),
                    toPercent: course.toPercent.toFixed(1),
                  })
                : '',
              part2: drying.rewetted ? dossierWords.andWetAgainInBetween() : '',
            })
          : dossierWords.dryingNoneRecorded(),
      ),
      text(
        finestMeshUm === undefined
          ? dossierWords.strainingNoMeshRecorded()
          : dossierWords.strainingFinestMeshM({ finestMeshUm: finestMeshUm.toFixed(0) }),
      ),
    ],
  };
}
