import { useCallback, useEffect, useState } from 'react';
import { askForLasting, storageState, type StorageState } from '../../../db';

/** Where the records are, as far as the browser says, and asking it to keep them. */
export function useStorage() {
  const [state, setState] = useState<StorageState | null>(null);
  const [refused, setRefused] = useState(false);
  useEffect(() => {
    let isLeft = false;
    void storageState().then((found) => !isLeft && setState(found));
    return () => {
      isLeft = true;
    };
  }, []);
  const ask = useCallback(async (): Promise<void> => {
    setRefused(!(await askForLasting()));
    setState(await storageState());
  }, []);
  return { state, refused, ask };
}
