import { useCallback } from 'react';
import { noticeShown, useAppDispatch } from '../../../store';
import { NOT_LOADED } from '../../../workers/helpers';

/** Makes a file with a part of the application that is loaded for it; where it cannot be, it says so. */
export function useSaving(): (make: () => Promise<void>) => void {
  const dispatch = useAppDispatch();
  return useCallback(
    (make) => {
      make().catch(() => dispatch(noticeShown({ text: NOT_LOADED, tone: 'refused' })));
    },
    [dispatch],
  );
}
