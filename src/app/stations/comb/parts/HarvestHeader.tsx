import { PageHead } from '../../../ui/page/PageHead';
import { useState, type ReactElement } from 'react';
import { flowOf, type HarvestDay } from '../../../../model';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { PrintButton } from '../../../ui/page/PrintButton';
import { PageLink } from '../../../ui/page/PageLink';
import { HarvestSheet } from './HarvestSheet';
import { TIMING_NAMES } from '../../../words/timingNames';
import { combWords } from '../../../words/english/comb';

interface HarvestHeaderProps {
  day: HarvestDay;
  /** the box to go on with; null where there is none */
  boxId: string | null;
}

/** What the day is called, what holds for it, and the way on. */
export function HarvestHeader({ day, boxId }: HarvestHeaderProps): ReactElement {
  const [changing, setChanging] = useState(false);
  const { harvest, book, judging } = day;
  const { content } = harvest;
  const flow = flowOf(book, content.flowId)?.content.name;
  const facts = [formatDay(content.day), flow, judging.school.name, TIMING_NAMES[content.timing]];
  return (
    <>
      <PageHead
        title={content.name}
        lead={
          <>
            {facts.filter((fact) => fact !== undefined).join(' · ')}
            {content.remark !== '' && <span className="mt-1 block text-ink">{content.remark}</span>}
          </>
        }
      >
        <Button className="min-h-14" onClick={() => setChanging(true)}>
          {combWords.ruleFlowDay()}
        </Button>
        <PrintButton />
        <PageLink to={`comb/${harvest.entityId}/lots`}>{combWords.makeLotsHeading()}</PageLink>
        {boxId !== null && (
          <PageLink tone="ink" to={`comb/${harvest.entityId}/box/${boxId}`}>
            {combWords.judgeTheNextFrame()}
          </PageLink>
        )}
      </PageHead>
      <HarvestSheet book={book} harvest={harvest} open={changing} onOpenChange={setChanging} />
    </>
  );
}
