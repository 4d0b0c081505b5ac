import { ChevronRight } from 'lucide-react';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';
import { formatDay } from '../../format/dates';
import { OUTCOME_NAMES } from '../../format/moisture';
import { answerFigure, headline, ruleSentence } from '../../words/phrasing';
import { OutcomeMark } from '../../ui/OutcomeMark';
import { RuleStrip } from '../../ui/charts/RuleStrip';
import type { RuledLot } from '../../../model';
import { commonWords } from '../../words/english/common';
import { todayWords } from '../../words/english/today';

function state({ file, settled }: RuledLot): string {
  if (!file.ruling) return todayWords.notSigned();
  const { initials, outcome } = file.ruling.content;
  const signed = todayWords.signed({
    initials,
    recordedAt: formatDay(file.ruling.recordedAt),
    outcome: OUTCOME_NAMES[outcome].toLowerCase(),
  });
  return settled ? signed : todayWords.theEvidenceHasChangedSince({ signed });
}

/** One lot in the list: figure, rule, decision, and whose turn it is. */
export function LotRow({ lot }: { lot: RuledLot }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { file, ruling } = lot;
  const { content } = file.lot;
  const facts = [content.code, content.plant].filter((text) => text !== '');
  return (
    <li>
      <Link
        to={`/${workspace}/lots/${file.lot.entityId}`}
        className="grid items-center gap-x-6 gap-y-2 py-3 hover:bg-lavender-pale sm:grid-cols-[minmax(0,17rem)_minmax(0,1fr)_auto] sm:px-2"
      >
        <span>
          <span className="block text-xl leading-tight font-bold">
            {content.name || commonWords.lot({ code: content.code })}
          </span>
          <span className="block text-base text-ink-soft">{facts.join(' · ')}</span>
        </span>
        <span className="grid grid-cols-[minmax(0,1fr)_8rem] items-center gap-4">
          <RuleStrip
            limitPercent={ruling.limitPercent}
            belief={ruling.belief}
            readings={lot.readingsPercent}
          />
          <span className="text-xl font-bold whitespace-nowrap">
            {answerFigure(ruling)} %<span className="sr-only"> {ruleSentence(ruling)}</span>
          </span>
        </span>
        <span className="flex items-center gap-3 sm:w-80">
          <OutcomeMark outcome={ruling.outcome} className="size-8 shrink-0" />
          <span className="grow">
            <span className="block text-lg leading-tight font-bold">{headline(ruling)}</span>
            <span className="block text-base text-ink-soft">{state(lot)}</span>
          </span>
          <ChevronRight aria-hidden className="size-6 shrink-0" />
        </span>
      </Link>
    </li>
  );
}
