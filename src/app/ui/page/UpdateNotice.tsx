import { useEffect, useRef, useState, type ReactElement } from 'react';
import { Button } from '../Button';
import { sharedWords } from '../../words/english/shared';

/** Where a newer version stands: none, fetched and waiting, or in charge since another tab took it. */
type Update = 'none' | 'waiting' | 'taken';

/** Watches for a newer version of the application; the way to put it in charge. */
function useUpdate(): { readonly update: Update; readonly take: () => void } {
  const [update, setUpdate] = useState<Update>('none');
  const waiting = useRef<ServiceWorker | null>(null);
  const asked = useRef(false);
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return undefined;
    const { serviceWorker } = navigator;
    let hadController = serviceWorker.controller !== null;
    const found = (worker: ServiceWorker | null): void => {
      // The first version of all takes over by itself; there is nothing to offer.
      if (!worker || !hadController) return;
      waiting.current = worker;
      setUpdate('waiting');
    };
    // (a browser that blocks it gives nothing back)
    const watch = (registration: ServiceWorkerRegistration | undefined): void => {
      if (!registration) return;
      found(registration.waiting);
      registration.addEventListener('updatefound', () => {
        const fresh = registration.installing;
        fresh?.addEventListener('statechange', () => fresh.state === 'installed' && found(fresh));
      });
    };
    const changed = (): void => {
      // Only the tab in which somebody asked for it is loaded again; others say that it is there.
      if (asked.current) window.location.reload();
      else if (hadController) setUpdate('taken');
      hadController = true;
    };
    serviceWorker.addEventListener('controllerchange', changed);
    // without it everything works, but for being offline: nothing to say
    serviceWorker.register('/sw.js', { scope: '/' }).then(watch, () => undefined);
    return () => serviceWorker.removeEventListener('controllerchange', changed);
  }, []);
  const take = (): void => {
    asked.current = true;
    if (update === 'taken') window.location.reload();
    else waiting.current?.postMessage({ type: 'SKIP_WAITING' });
  };
  return { update, take };
}

/** Offers a newer version once it has been fetched; never reloads under the user's hands. */
export function UpdateNotice(): ReactElement | null {
  const { update, take } = useUpdate();
  if (update === 'none') return null;
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-4 bg-lavender-pale px-4 py-1 print:hidden"
    >
      <p className="text-base font-semibold">
        {update === 'waiting'
          ? sharedWords.aNewerVersionIsReady()
          : sharedWords.anotherTabAlreadyUsesA()}
      </p>
      <Button tone="quiet" onClick={take}>
        {update === 'waiting' ? sharedWords.useItNow() : sharedWords.loadThisTabAgain()}
      </Button>
    </div>
  );
}
