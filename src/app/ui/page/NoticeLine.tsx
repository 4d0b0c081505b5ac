import { Undo2 } from 'lucide-react';
import type { ReactElement } from 'react';
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

/** The line at the foot of the page: what was done last, and the way back. */
export function NoticeLine(): ReactElement {
  const dispatch = useAppDispatch();
  const notice = useAppSelector(selectNotice);
  const canUndo = useAppSelector(selectCanUndo);
  const tell = useTell();
  const undoes = notice?.tone === 'done' && canUndo;
  return (
    <div
      role="status"
      data-tone={notice?.tone}
      className="notice-line fixed inset-x-0 bottom-16 z-10 wide:bottom-0 print:hidden"
    >
      {notice && (
        <div className="mx-auto flex max-w-7xl flex-wrap items-center justify-between gap-x-4 border-t-4 border-lavender bg-lavender-pale px-4 py-1">
          <p className="grow basis-48 text-base font-semibold">{tell(notice.text)}</p>
          {undoes && (
            <Button tone="quiet" onClick={() => void dispatch(undo())}>
              <Undo2 aria-hidden className="size-5" /> {sharedWords.undo()}
            </Button>
          )}
          <Button tone="quiet" onClick={() => dispatch(noticeShown(null))}>
            {sharedWords.ok()}
          </Button>
        </div>
      )}
    </div>
  );
}
