import { blocksOf } from '../../../../core';
import type { Preferences } from '../../../../records';
import type { RuledLot } from '../../../../model';
import { headline, answerFigure } from '../../../words/phrasing';
import { compositionWords } from '../../../words/composition';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { readingBlocks } from './evidencePart';
import { text, type DossierSources } from './dossierSources';
import { dossierWords } from '../../../words/english/dossier';
import { tell } from '../../../words/tell';

function dryingWords({ evidence }: RuledLot): string {
  const { drying } = evidence;
  if (!drying) return dossierWords.dryingNoneRecorded();
  const course = drying.course
    ? dossierWords.toThere({
        fromPercent: drying.course.fromPercent.toFixed(1),
        toPercent: drying.course.toPercent.toFixed(1),
      })
    : '';
  return dossierWords.dryingDaysInAWarmRoom({ days: Number(drying.days.toFixed(1)), course });
}

/** What stood in its way, or was open: treatments, feeds, doubts. */
function doubtWords({ evidence, ruling }: RuledLot, preferences: Preferences): string {
  const blocks = blocksOf(evidence);
  const doubts = ruling.findings
    .filter((finding) => finding.bearing === 'measure' || finding.bearing === 'condition')
    .map((finding) => tell(finding.sentence, preferences));
  const all = [...blocks.map((block) => `${tell(block)}.`), ...doubts];
  return all.length === 0
    ? dossierWords.treatmentsFeedsAndDoubtsNone()
    : dossierWords.treatmentsFeedsAndDoubts({ all: all.join(' ') });
}

function blocksOfParent(lot: RuledLot, sources: DossierSources): PaperBlock[] {
  const { file, ruling } = lot;
  const { code, name } = file.lot.content;
  return [
    {
      as: 'text',
      strong: true,
      text: dossierWords.lotWater({
        code,
        part: name === '' ? '' : `, ${name}`,
        headline: headline(ruling),
        answerFigure: answerFigure(ruling),
      }),
    },
    ...(file.frames
      ? [
          text(
            dossierWords.comb2({
              makeUpWords: compositionWords(file.frames.content, sources.preferences),
            }),
          ),
        ]
      : []),
    ...readingBlocks({ ...sources, file, answer: lot }),
    text(dryingWords(lot)),
    text(doubtWords(lot, sources.preferences)),
  ];
}

/** What a blend was made of: each source with its readings, drying, doubts and treatments. */
export function parentsPart(sources: DossierSources): PaperPart {
  return {
    title: dossierWords.whatItWasBlendedFrom(),
    blocks: sources.parents.flatMap((parent) => blocksOfParent(parent, sources)),
  };
}
