import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { NothingHere } from '../../ui/page/NothingHere';
import { LabelsView } from './LabelsView';
import { useLabelsController } from './useLabelsController';

/** Labels of a run of jars: words, colours, sheet, and the PDF to print. */
export function LabelsScreen(): ReactElement {
  const { packingId = '' } = useParams();
  const labels = useLabelsController(packingId);
  return labels ? <LabelsView {...labels} /> : <NothingHere />;
}
