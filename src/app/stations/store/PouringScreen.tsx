import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { NothingHere } from '../../ui/page/NothingHere';
import { PouringView } from './PouringView';
import { usePouringController } from './usePouringController';

/** The pouring list of a blend, to tick off; each tank becomes a lot that knows its parents. */
export function PouringScreen(): ReactElement {
  const { blendId = '' } = useParams();
  const pouring = usePouringController(blendId);
  return pouring ? <PouringView {...pouring} /> : <NothingHere />;
}
