import clsx from 'clsx';
import { Undo2 } from 'lucide-react';
import { useEffect, useState, type ReactElement } from 'react';
import {
  noticeShown,
  selectCanUndo,
  selectNotice,
  undo,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { Button } from '../Button';
import { sharedWords } from '../../words/english/shared';
import { useTell } from '../../words/useTell';

/** How long a notice stands that asks for nothing [ms]; undo stays at the head of the page. */
const STANDS_MS = 6_000;

/** The notice that stands now: one that was refused until it is read, any other for a while. */
function useStandingNotice() {
  const notice = useAppSelector(selectNotice);
  const [faded, setFaded] = useState<typeof notice>(null);
  const [isHeld, setHeld] = useState(false);
  useEffect(() => {
    if (!notice || notice.tone === 'refused' || isHeld) return;
    const timer = window.setTimeout(() => setFaded(notice), STANDS_MS);
    return () => window.clearTimeout(timer);
  }, [notice, isHeld]);
  return { notice: notice === faded ? null : notice, setHeld };
}

/**
 * What was done last, and the way back. On a phone it stands where the doors are, on a desk in a lower
 * corner, so that it covers nothing that is being worked on, and it goes by itself.
 */
export function NoticeLine(): ReactElement {
  const dispatch = useAppDispatch();
  const { notice, setHeld } = useStandingNotice();
  const canUndo = useAppSelector(selectCanUndo);
  const tell = useTell();
  const undoes = notice?.tone === 'done' && canUndo;
  const hold = { onPointerEnter: () => setHeld(true), onPointerLeave: () => setHeld(false) };
  const focus = { onFocus: () => setHeld(true), onBlur: () => setHeld(false) };
  return (
    <div
      role="status"
      data-tone={notice?.tone}
      className="notice-line fixed inset-x-0 bottom-0 z-10 wide:inset-x-auto wide:right-4 wide:bottom-4 print:hidden"
    >
      {notice && (
        <div
          {...hold}
          {...focus}
          className="flex min-h-16 items-center gap-x-2 border-t-4 border-lavender bg-lavender-pale px-4 py-1 wide:min-h-11 wide:max-w-xl wide:border-4"
        >
          <p
            className={clsx(
              'grow text-base leading-tight font-semibold',
              // what was refused is read to its end
              notice.tone !== 'refused' && 'line-clamp-2',
            )}
          >
            {tell(notice.text)}
          </p>
          {undoes && (
            <Button tone="quiet" className="shrink-0 px-2" onClick={() => void dispatch(undo())}>
              <Undo2 aria-hidden className="size-5" /> {sharedWords.undo()}
            </Button>
          )}
          <Button
            tone="quiet"
            className="shrink-0 px-2"
            onClick={() => dispatch(noticeShown(null))}
          >
            {sharedWords.ok()}
          </Button>
        </div>
      )}
    </div>
  );
}
