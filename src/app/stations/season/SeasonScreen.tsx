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
      <div className="flex flex-wrap items-end justify-between gap-4 pt-5">
        <h1 className="text-4xl font-bold">{commonWords.season()}</h1>
        <div className="flex flex-wrap gap-3">
          <PageLink to="season/years">{seasonWords.yearsCompared()}</PageLink>
          <PageLink to="season/forecasts">{seasonWords.howGoodWereTheForecasts()}</PageLink>
        </div>
      </div>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <HivesSection book={book} />
        <div className="space-y-8">
          <FlowsSection book={book} />
          <GivenSection book={book} />
          <FormatsSection book={book} />
        </div>
      </div>
    </>
  );
}
