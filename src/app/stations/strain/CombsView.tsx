import type { ReactElement } from 'react';
import { Columns } from '../../ui/page/Columns';
import { DayHeader } from './parts/DayHeader';
import { PairsSection } from './parts/PairsSection';
import { ToolsSection } from './parts/ToolsSection';
import { WeighedSection } from './parts/WeighedSection';
import type { useCombsController } from './useCombsController';

/** Combs of a day: which tool opens them, and when they are spun empty. */
export function CombsView(props: ReturnType<typeof useCombsController>): ReactElement {
  const { file, house, judged } = props;
  return (
    <>
      <DayHeader file={file} at="/combs" />
      <Columns>
        <ToolsSection content={file.extraction.content} ownTools={house.ownTools} judged={judged} />
        <div className="space-y-8">
          <WeighedSection file={file} />
          <PairsSection file={file} />
        </div>
      </Columns>
    </>
  );
}
