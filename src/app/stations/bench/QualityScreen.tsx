import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { QualityView } from './QualityView';

/** What else is found of a lot at the bench: colour, smell and taste, purity, laboratory. */
export function QualityScreen(): ReactElement {
  return <LotGate controller={(file) => ({ file })} View={QualityView} />;
}
