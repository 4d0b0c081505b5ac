import { Columns } from '../../ui/page/Columns';
import { HarvestHeader } from './parts/HarvestHeader';
import type { useHarvestController } from './useHarvestController';
import { type ReactElement } from 'react';
import { BoxesSection } from './parts/BoxesSection';
import { CropSlab } from './parts/CropSlab';
import { DayCautions } from './parts/DayCautions';
import { GuessesSection } from './parts/GuessesSection';
import { SchoolsSection } from './parts/SchoolsSection';
import { StaysSection } from './parts/StaysSection';
import { SurveysSection } from './parts/SurveysSection';
import { TallySection } from './parts/TallySection';
import { VisitSection } from './parts/VisitSection';

/** A day at the hives: what is taken, what it amounts to, and what is still to judge. */
export function HarvestView(props: ReturnType<typeof useHarvestController>): ReactElement {
  const { day, climate, expectation, boxId } = props;
  return (
    <>
      <HarvestHeader day={day} boxId={boxId} />
      <VisitSection day={day} />
      <Columns share="main-first">
        <div className="wide:order-2">
          <CropSlab day={day} expectation={expectation} climate={climate} />
        </div>
        <div className="space-y-8">
          <TallySection day={day} />
          <BoxesSection day={day} />
          <SurveysSection day={day} />
        </div>
      </Columns>
      <div className="mt-8 space-y-8">
        <SchoolsSection day={day} expectation={expectation} />
        <div className="grid gap-x-10 gap-y-8 wide:grid-cols-2">
          <StaysSection day={day} />
          <GuessesSection day={day} />
        </div>
        <DayCautions day={day} />
      </div>
    </>
  );
}
