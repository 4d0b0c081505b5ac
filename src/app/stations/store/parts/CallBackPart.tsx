import type { ReactElement } from 'react';
import { CALL_BACK_ENDS, type CallBackEnd } from '../../../../records';
import { endCallBack } from '../storeActs';
import { useAppDispatch } from '../../../../store';
import { openCallBacks, type OpenCallBack, type RuledLot } from '../../../../model';
import { formatDay } from '../../../format/dates';
import { CALL_BACK_NAMES } from '../../../words/storeWords';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { storeWords } from '../../../words/english/store';
import { commonWords } from '../../../words/english/common';

function CallBackRow({ one, lotId }: { one: OpenCallBack; lotId: string }): ReactElement {
  const dispatch = useAppDispatch();
  const { move, code, jars, to } = one;
  const who = to || commonWords.notWrittenDown();
  const end = (done: CallBackEnd): void =>
    void dispatch(endCallBack({ jarMoveId: move.entityId, done, jars, who }, lotId));
  return (
    <li className="py-2">
      <p className="text-lg">
        <strong className="text-2xl">{storeWords.jarsHeading({ jars })}</strong> {code}:{' '}
        <strong>{who}</strong>
        {storeWords.sinceAt({ at: formatDay(move.content.at) })}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {CALL_BACK_ENDS.map((done) => (
          <Button key={done} onClick={() => end(done)}>
            {CALL_BACK_NAMES[done]}
            <span className="sr-only">{storeWords.jars3({ jars, code, who })}</span>
          </Button>
        ))}
      </div>
    </li>
  );
}

/** Jars of blocked lots that are out of the house, to be ticked off with what was done. */
export function CallBackPart({ lots }: { lots: readonly RuledLot[] }): ReactElement | null {
  const open = lots.flatMap((lot) =>
    openCallBacks(lot).map((openCallBack) => ({ one: openCallBack, lotId: lot.file.lot.entityId })),
  );
  if (open.length === 0) return null;
  return (
    <SheetSection id="call-back" title={storeWords.callBack({ open: open.length })}>
      <p className="text-lg">{storeWords.thisHoneyWasBlockedAfter()}</p>
      <ul className="divide-y divide-thread border-y-2 border-ink">
        {open.map(({ one, lotId }) => (
          <CallBackRow key={one.move.entityId} one={one} lotId={lotId} />
        ))}
      </ul>
    </SheetSection>
  );
}
