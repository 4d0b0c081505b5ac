import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { useDossierController } from './useDossierController';
import { DossierView } from './DossierView';

/** The lot on paper: decision, evidence, method, uncertainty, rules, signature, seal. */
export function DossierScreen(): ReactElement {
  return <LotGate controller={useDossierController} View={DossierView} />;
}
