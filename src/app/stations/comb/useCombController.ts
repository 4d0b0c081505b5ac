import { useState } from 'react';
import { useNavigate } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useBook } from '../../data/useWorkspaceModel';

/** Days at the hives, and one being started. */
export function useCombController() {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const book = useBook();
  const [starting, setStarting] = useState(false);
  return {
    workspace,
    book,
    starting,
    start: () => setStarting(true),
    setStarting,
    open: (harvestId: string) => void navigate(`/${workspace}/comb/${harvestId}`),
  };
}
