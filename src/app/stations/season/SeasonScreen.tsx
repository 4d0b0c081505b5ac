import type { ReactElement } from 'react';
import { useBook } from '../../data/useBook';
import { Waiting } from '../../ui/Waiting';
import { FlowsSection } from './parts/FlowsSection';
import { FormatsSection } from './parts/FormatsSection';
import { GivenSection } from './parts/GivenSection';
import { HivesSection } from './parts/HivesSection';

/** What stands behind every judgement: places, hives, boxes, flows, what was given. */
export function SeasonScreen(): ReactElement {
  const book = useBook();
  if (!book) return <Waiting />;
  return (
    <>
      <h1 className="pt-5 text-4xl font-bold">Season</h1>
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
