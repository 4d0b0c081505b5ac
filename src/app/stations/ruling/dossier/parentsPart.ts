import { blocksOf } from '../../../../core';
import type { RuledLot } from '../../../../model';
import { headline, answerFigure } from '../../../words/phrasing';
import { makeUpWords } from '../../../words/makeUp';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { readingBlocks } from './evidencePart';
import { text, type DossierSources } from './dossierSources';

function dryingWords({ evidence }: RuledLot): string {
  const { drying } = evidence;
  if (!drying) return 'Drying: none was written down.';
  const course = drying.course
    ? `, ${drying.course.fromPercent.toFixed(1)} to ${drying.course.toPercent.toFixed(1)} % there`
    : '';
  return `Drying: ${drying.days.toFixed(1)} days in a warm room${course}.`;
}

/** What stood in its way, or was open: treatments, feeds, doubts. */
function doubtWords({ evidence, ruling }: RuledLot): string {
  const blocks = blocksOf(evidence);
  const doubts = ruling.findings
    .filter((one) => one.bearing === 'measure' || one.bearing === 'condition')
    .map((one) => one.sentence);
  const all = [...blocks.map((one) => `${one}.`), ...doubts];
  return all.length === 0
    ? 'Treatments, feeds and doubts: none on record.'
    : `Treatments, feeds and doubts: ${all.join(' ')}`;
}

function blocksOfParent(lot: RuledLot, sources: DossierSources): PaperBlock[] {
  const { file, ruling } = lot;
  const { code, name } = file.lot.content;
  return [
    {
      as: 'text',
      strong: true,
      text: `Lot ${code}${name === '' ? '' : `, ${name}`}: ${headline(ruling)}, ${answerFigure(ruling)} % water`,
    },
    ...(file.frames
      ? [text(`Comb: ${makeUpWords(file.frames.content, sources.preferences)}`)]
      : []),
    ...readingBlocks({ ...sources, file, answer: lot }),
    text(dryingWords(lot)),
    text(doubtWords(lot)),
  ];
}

/** What a blend was made of: each source with its readings, drying, doubts and treatments. */
export function parentsPart(sources: DossierSources): PaperPart {
  return {
    title: 'What it was blended from',
    blocks: sources.parents.flatMap((one) => blocksOfParent(one, sources)),
  };
}
