import clsx from 'clsx';
import type { ReactElement } from 'react';
import { honeyShare, type FrameAct } from '../../../../../core';
import { sharesOf } from '../../../../../model';
import { type FrameCheckContent } from '../../../../../records';
import { ACT_LETTERS } from '../../words';

interface FrameMarkProps {
  check: FrameCheckContent | null;
  act: FrameAct | null;
  begun: boolean;
  className?: string;
}

/** Bars of one side: honey from the foot, its capped part solid. */
function SideBar({ check, side }: { check: FrameCheckContent; side: 0 | 1 }): ReactElement {
  const seen = check.sides[side];
  const shares = seen ? sharesOf(seen) : null;
  const honey = shares ? honeyShare(shares) : 0;
  const x = side === 0 ? 2 : 15;
  return (
    <>
      <rect x={x} y="4" width="11" height="30" className="fill-paper" />
      <rect
        x={x}
        y={34 - 30 * honey}
        width="11"
        height={30 * honey}
        className="fill-paper stroke-ink"
        strokeWidth="1"
        strokeDasharray="2 1.5"
      />
      <rect
        x={x}
        y={34 - 30 * (shares?.capped ?? 0)}
        width="11"
        height={30 * (shares?.capped ?? 0)}
        className="fill-lavender"
      />
    </>
  );
}

/** A frame seen from above its box, small: top bar, both sides, and the letter of what is done. */
export function FrameMark({ check, act, begun, className }: FrameMarkProps): ReactElement {
  return (
    <span className={clsx('flex flex-col items-center', className)}>
      <svg aria-hidden viewBox="0 0 28 36" className="h-10 w-8">
        <rect x="0" y="0" width="28" height="3" className="fill-ink" />
        <rect x="1.5" y="3" width="25" height="31.5" className="fill-linen stroke-ink" />
        {check && <SideBar check={check} side={0} />}
        {check && <SideBar check={check} side={1} />}
      </svg>
      <span aria-hidden className="text-base leading-none font-bold">
        {act ? ACT_LETTERS[act] : begun ? '…' : '·'}
      </span>
    </span>
  );
}
