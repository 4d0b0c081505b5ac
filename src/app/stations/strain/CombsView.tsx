import type { ReactElement } from 'react';
import { Columns } from '../../ui/page/Columns';
import { DayHeader } from './parts/DayHeader';
import { HandWays } from './parts/HandWays';
import { PairsSection } from './parts/PairsSection';
import { ToolsSection } from './parts/ToolsSection';
import { WalksFold } from './parts/WalksFold';
import { WeighedSection } from './parts/WeighedSection';
import type { useCombsController } from './useCombsController';

/** Combs of a day: which tool opens them, and when they are spun empty. */
export function CombsView(props: ReturnType<typeof useCombsController>): ReactElement {
  const { file, house, judged } = props;
  const { content } = file.extraction;
  return (
    <>
      <DayHeader file={file} at="/combs" />
      <Columns>
        <div className="space-y-8">
          <ToolsSection content={content} ownTools={house.ownTools} judged={judged} />
          <HandWays content={content} />
        </div>
        <div className="space-y-8">
          <WeighedSection file={file} />
          <PairsSection file={file} />
          <WalksFold />
        </div>
      </Columns>
    </>
  );
}
