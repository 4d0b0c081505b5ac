import { OCCASION_NAMES } from '../../../words/strainWords';
import { formatMoment } from '../../../format/dates';
import { formatQuantity } from '../../../format/units';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';

const share = (value: number): string =>
  Number.isFinite(value) ? `${Math.round(100 * value)} %` : 'all';

function heatBlocks({ heat, preferences }: DossierSources): PaperBlock[] {
  if (!heat || heat.entries.length === 0) return [text('Warmth: nothing was written down.')];
  const { low, likely, high } = heat.balance.spentShare;
  return [
    {
      as: 'table',
      label: 'Warmth',
      head: ['What', 'From', 'Days', 'Warmest', 'Known'],
      rows: heat.entries.map(({ occasion, startedMs, history, from, words }) => [
        `${OCCASION_NAMES[occasion]}${words === '' ? '' : `, ${words}`}`,
        formatMoment(new Date(startedMs).toISOString()),
        history.reduce((sum, one) => sum + one.days, 0).toFixed(1),
        formatQuantity(
          Math.max(...history.map((one) => one.temperatureC)),
          'temperature',
          preferences,
        ),
        from === 'log' ? 'logged' : 'as written down',
      ]),
      shares: [0.38, 0.22, 0.1, 0.14, 0.16],
    },
    text(
      `Spent of what HMF and diastase allow: ${share(likely)} (${share(low)} to ${share(high)}), modelled after White and others (1964), recalled from memory; only a laboratory certifies.`,
    ),
  ];
}

/** Warmth and drying, and what the honey ran through. */
export function aroundPart(sources: DossierSources): PaperPart {
  const { drying, finestMeshUm } = sources.answer.evidence;
  const course = drying?.course;
  return {
    title: 'Warmth, drying and straining',
    blocks: [
      ...heatBlocks(sources),
      text(
        drying
          ? `Drying: ${drying.days.toFixed(1)} days in a warm room${course ? `, ${course.fromPercent.toFixed(1)} to ${course.toPercent.toFixed(1)} % there` : ''}${drying.rewetted ? ', and wet again in between' : ''}.`
          : 'Drying: none was written down.',
      ),
      text(
        finestMeshUm === undefined
          ? 'Straining: no mesh was written down.'
          : `Straining: finest mesh ${finestMeshUm.toFixed(0)} µm.`,
      ),
    ],
  };
}
