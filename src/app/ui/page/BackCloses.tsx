import { useEffect } from 'react';
import { NavigationType, useBlocker } from 'react-router';

/** While it stands, going back closes what lies over the page and stays on it. */
export function BackCloses({ onBack }: { onBack: () => void }): null {
  const blocker = useBlocker(({ historyAction }) => historyAction === NavigationType.Pop);
  useEffect(() => {
    if (blocker.state !== 'blocked') return;
    blocker.reset();
    onBack();
  }, [blocker, onBack]);
  return null;
}
