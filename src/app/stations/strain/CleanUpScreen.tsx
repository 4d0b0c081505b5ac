import type { ReactElement } from 'react';
import { CleanUpView } from './CleanUpView';
import { DayGate } from './parts/DayGate';
import { useCleanUpController } from './useCleanUpController';

/** What is to be done once the honey is out, with the reason for each. */
export function CleanUpScreen(): ReactElement {
  return <DayGate controller={useCleanUpController} View={CleanUpView} />;
}
