import type { ReactElement } from 'react';
import { AnswerSlab } from '../../lot/AnswerSlab';
import { LotRule } from '../../lot/LotRule';
import { QuickReadingFields } from '../../lot/ReadingFields';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import type { useQuickReadingController } from './useQuickReadingController';
import { momentWords } from '../../words/english/moment';

/** A dial and a temperature, no lot: what to do with this honey. */
export function QuickReadingView(
  props: ReturnType<typeof useQuickReadingController>,
): ReactElement {
  const { frame, answer, isTyped, keep } = props;
  return (
    <>
      <PageHead title={momentWords.readAMeter()} lead={momentWords.readLead()} />
      <Columns share="main-first">
        <FormFrame {...frame} onSubmit={keep} label={momentWords.readAMeter()}>
          <div className="space-y-5">
            <QuickReadingFields />
            <Button type="submit" tone="ink" className="min-h-14 text-lg">
              {momentWords.keepAsALot()}
            </Button>
          </div>
        </FormFrame>
        <div className="order-first space-y-6 wide:order-none">
          {isTyped ? (
            <>
              <AnswerSlab ruling={answer.ruling} provisional={false} />
              <LotRule answer={answer} />
            </>
          ) : (
            <p className="on-ink bg-ink p-5 text-2xl leading-snug font-bold text-linen">
              {momentWords.typeTheDial()}
            </p>
          )}
        </div>
      </Columns>
    </>
  );
}
