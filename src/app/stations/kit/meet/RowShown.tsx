import { useEffect, useState, type ReactElement } from 'react';
import { Button } from '../../../ui/Button';
import { meetWords } from '../../../words/english/meet';
import { QrCode } from './QrCode';

/** So long each code stands: fewer than three changes a second, which no eye takes for flashes [ms]. */
const EACH_MS = 400;

/** Codes one after the other, over and over, until the other device has them all. */
export function RowShown({ texts }: { texts: readonly string[] }): ReactElement {
  const [at, setAt] = useState(0);
  const [isHeld, setHeld] = useState(false);
  const next = (): void => setAt((before) => (before + 1) % texts.length);
  useEffect(() => {
    if (isHeld || texts.length < 2) return;
    const timer = window.setInterval(() => setAt((before) => (before + 1) % texts.length), EACH_MS);
    return () => window.clearInterval(timer);
  }, [isHeld, texts.length]);
  const place = meetWords.codeOf({ at: at + 1, count: texts.length });
  return (
    <div className="mt-4 space-y-3">
      <QrCode text={texts[at] ?? ''} label={place} />
      <p className="text-2xl font-bold">{place}</p>
      {texts.length > 1 && (
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => setHeld(!isHeld)}>
            {isHeld ? meetWords.goOn() : meetWords.hold()}
          </Button>
          {isHeld && <Button onClick={next}>{meetWords.nextCode()}</Button>}
        </div>
      )}
    </div>
  );
}
