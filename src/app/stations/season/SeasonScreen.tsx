import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import type { ReactElement } from 'react';
import { PageLink } from '../../ui/page/PageLink';
import { FlowsSection } from './parts/FlowsSection';
import { FormatsSection } from './parts/FormatsSection';
import { GivenSection } from './parts/GivenSection';
import { HivesSection } from './parts/HivesSection';
import { useBook } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { seasonWords } from '../../words/english/season';

/** What stands behind every judgement: places, hives, boxes, flows, what was given. */
export function SeasonScreen(): ReactElement {
  const book = useBook();
  return (
    <>
      <PageHead title={commonWords.season()}>
        <PageLink tone="ink" to="season/when">
          {seasonWords.whenToGo()}
        </PageLink>
        <PageLink to="season/years">{seasonWords.yearsCompared()}</PageLink>
        <PageLink to="season/forecasts">{seasonWords.howGoodWereTheForecasts()}</PageLink>
      </PageHead>
      <Columns>
        <HivesSection book={book} />
        <div className="space-y-8">
          <FlowsSection book={book} />
          <GivenSection book={book} />
          <FormatsSection book={book} />
        </div>
      </Columns>
    </>
  );
}
