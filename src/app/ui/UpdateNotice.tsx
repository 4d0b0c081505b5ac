import { useEffect, useRef, useState, type ReactElement } from 'react';
import { registerSW } from 'virtual:pwa-register';
import { Button } from './Button';

/** Offers a newer version once it has been fetched; never reloads under the user's hands. */
export function UpdateNotice(): ReactElement | null {
  const [waiting, setWaiting] = useState(false);
  const update = useRef<((reload?: boolean) => Promise<void>) | null>(null);
  useEffect(() => {
    update.current = registerSW({ onNeedRefresh: () => setWaiting(true) });
  }, []);
  if (!waiting) return null;
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-4 bg-lavender-pale px-4 py-1 print:hidden"
    >
      <p className="text-base font-semibold">A newer version is ready. What you typed is kept.</p>
      <Button tone="quiet" onClick={() => void update.current?.(true)}>
        Use it now
      </Button>
    </div>
  );
}
