import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { useTableController } from './useTableController';
import { TableView } from './TableView';

/** Many readings of one lot at once: typed row by row, pasted, or from a file. */
export function TableScreen(): ReactElement {
  return <LotGate controller={useTableController} View={TableView} />;
}
