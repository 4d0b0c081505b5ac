import type { ReactElement } from 'react';
import { readingBudget, readingUncertainty, type Ruling } from '../../core';
import { meteredReading } from '../../model';
import { type ReadingContent } from '../../records';
import {
  MARK_SENTENCES,
  correctionWords,
  formatPercent,
  subtractionWords,
} from '../format/moisture';
import { answerFigure, headline, lowerFirst } from '../words/phrasing';
import { offsetWords } from '../words/reading';
import { OutcomeMark } from '../ui/OutcomeMark';
import { useMeters } from '../data/useWorkspaceModel';
import { lotWords } from '../words/english/lot';

interface ReadingPreviewProps {
  content: ReadingContent | null;
  /** the answer with this reading */
  ruling: Ruling;
  /** what else the person at the prism must know now */
  warnings: readonly string[];
  /** readings of the same sample kept before */
  replicates: number;
}

/** What the dial means, as soon as it can be read, and what it makes of the lot. */
export function ReadingPreview(props: ReadingPreviewProps): ReactElement | null {
  const { content, ruling, warnings, replicates } = props;
  const meters = useMeters();
  if (!content) return null;
  const { dial, read, condition } = meteredReading(content, meters);
  if (read.status !== 'read') return null;
  const plusMinus = readingUncertainty(readingBudget(dial, condition)).expanded;
  // what stands below in words of its own is not said twice
  const marks = read.marks.filter(
    (mark) => mark !== 'brix-not-by-subtraction' && mark !== 'atc-unknown',
  );
  return (
    <div
      role="status"
      aria-label={lotWords.whatTheDialMeans()}
      className="border-l-4 border-lavender bg-lavender-pale px-4 py-3"
    >
      <p className="text-3xl font-bold">
        {formatPercent(read.moisturePercent)}
        <span className="text-xl">
          {' '}
          {lotWords.plusMinusWater({ plusMinus: formatPercent(plusMinus) })}
        </span>
      </p>
      <p className="text-lg">
        {correctionWords(read, dial)} {offsetWords(dial)}
      </p>
      {read.eitherPercent && (
        <p className="text-base">
          {lotWords.withAtcItMeansWithout({
            eitherPercent: formatPercent(read.eitherPercent[0]),
            eitherPercent2: formatPercent(read.eitherPercent[1]),
          })}
        </p>
      )}
      {replicates > 0 && (
        <p className="text-base">{lotWords.readingOfThisSample({ replicates: replicates + 1 })}</p>
      )}
      {content.scale === 'brix' && (
        <p className="text-base">{subtractionWords(content.dialValue, read)}</p>
      )}
      {[...marks.map((mark) => MARK_SENTENCES[mark]), ...warnings].map((warning) => (
        <p key={warning} className="mt-1 text-base font-semibold">
          {warning}
        </p>
      ))}
      {content.practice ? (
        <p className="mt-2 border-t border-ink pt-2 text-base font-semibold">
          {lotWords.practiceOnASimulatedMeter()}
        </p>
      ) : (
        <p className="mt-2 flex items-center gap-2 border-t border-ink pt-2 text-lg font-bold">
          <OutcomeMark outcome={ruling.outcome} className="size-6 shrink-0" />
          {lotWords.theLotThen({
            answerFigure: answerFigure(ruling),
            lowerFirst: lowerFirst(headline(ruling)),
          })}
        </p>
      )}
    </div>
  );
}
