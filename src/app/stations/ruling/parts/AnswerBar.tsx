import type { ReactElement } from 'react';
import type { Ruling } from '../../../../core';
import { answerFigure, headline } from '../../../words/phrasing';
import { OutcomeMark } from '../../../ui/OutcomeMark';

/** The answer in one line that stays in sight on a phone while the form scrolls under it. */
export function AnswerBar({ ruling }: { ruling: Ruling }): ReactElement {
  return (
    <p className="sticky top-(--alarm-height,0) z-10 -mx-4 flex min-h-14 items-center gap-3 bg-ink px-4 py-2 text-linen wide:hidden">
      <OutcomeMark outcome={ruling.outcome} className="size-7 shrink-0" />
      <strong className="text-3xl whitespace-nowrap">{answerFigure(ruling)} %</strong>
      <span className="text-base leading-tight font-semibold">{headline(ruling)}</span>
    </p>
  );
}
