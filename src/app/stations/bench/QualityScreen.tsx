import type { ReactElement } from 'react';
import type { LotFile } from '../../../model';
import { LotGate } from '../../lot/LotGate';
import { BenchHeader } from './parts/BenchHeader';
import { ColourSection } from './parts/ColourSection';
import { FlowerSection } from './parts/FlowerSection';
import { LabSection } from './parts/LabSection';
import { SensesSection } from './parts/SensesSection';

function QualityView({ file }: { file: LotFile }): ReactElement {
  return (
    <>
      <BenchHeader file={file} at={2} />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <div className="space-y-8">
          <ColourSection file={file} />
          <SensesSection file={file} />
        </div>
        <div className="space-y-8">
          <LabSection file={file} />
          <FlowerSection file={file} />
        </div>
      </div>
    </>
  );
}

/** What else is found of a lot at the bench: colour, smell and taste, purity, laboratory. */
export function QualityScreen(): ReactElement {
  return <LotGate View={QualityView} />;
}
