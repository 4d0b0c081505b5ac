import { Columns } from '../../ui/page/Columns';
import type { ReactElement } from 'react';
import type { LotFile } from '../../../model';
import { BenchHeader } from './parts/BenchHeader';
import { ColourSection } from './parts/ColourSection';
import { FlowerSection } from './parts/FlowerSection';
import { LabSection } from './parts/LabSection';
import { SensesSection } from './parts/SensesSection';

/** What else is found of a lot at the bench: colour, smell and taste, purity, laboratory. */
export function QualityView({ file }: { file: LotFile }): ReactElement {
  return (
    <>
      <BenchHeader file={file} at={2} />
      <Columns>
        <div className="space-y-8">
          <ColourSection file={file} />
          <SensesSection file={file} />
        </div>
        <div className="space-y-8">
          <LabSection file={file} />
          <FlowerSection file={file} />
        </div>
      </Columns>
    </>
  );
}
