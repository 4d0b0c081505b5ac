import { useNavigate } from 'react-router';
import type { LotFile } from '../../../model';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { useLedger } from '../../data/useWorkspaceModel';
import { noteFoam } from './storeActs';

/** Honey that may be what foams, the latest first; noting it leads to what is to be done. */
export function useFoamController() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const { files } = useLedger();
  const choose = async ({ lot }: LotFile): Promise<void> => {
    const done = await dispatch(noteFoam(lot));
    if (done.ok) await navigate(`/${workspace}/lots/${lot.entityId}`);
  };
  return { files, choose };
}
