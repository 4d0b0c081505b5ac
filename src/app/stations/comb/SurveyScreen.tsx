import type { ReactElement } from 'react';
import { HarvestGate } from './parts/HarvestGate';
import { useSurveyController } from './useSurveyController';
import { SurveyView } from './SurveyView';

/** A box, a stack or a whole yard at once, with a sample that says how far to trust it. */
export function SurveyScreen(): ReactElement {
  return <HarvestGate controller={useSurveyController} View={SurveyView} />;
}
