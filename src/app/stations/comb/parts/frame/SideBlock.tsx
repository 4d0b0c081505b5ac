import type { ReactElement } from 'react';
import type { KnownEye } from '../../../../../core';
import { useFormContext } from 'react-hook-form';
import { cappingOf } from '../../../../../model';
import { isSideJudged, sideName, sideOf, type FrameDraft, type SideDraft } from '../../frameDraft';
import { percentRange } from '../../words';
import { SidePaint, SidePoints } from './SideMarks';
import { SideQuick } from './SideQuick';
import { practiceWords } from '../../../../words/english/practice';
import { frameWords } from '../../../../words/english/frame';

interface SideBlockProps {
  at: 0 | 1;
  active: boolean;
  wantedShare: number;
  /** of who judges, where it has practised */
  eye: KnownEye | null;
  onActive: () => void;
}

/** "8 tenths capped", with what it may be, or what is still missing. */
function SideFigure({ side, eye }: { side: SideDraft; eye: KnownEye | null }): ReactElement {
  if (!isSideJudged(side))
    return (
      <span className="text-base text-ink-soft">
        {side.method === 'points' && side.proposal
          ? frameWords.tooUnclear()
          : frameWords.tapItsCapping()}
      </span>
    );
  const capping = cappingOf(sideOf(side), eye);
  if (!capping) return <span className="text-base">{frameWords.noHoneyInside()}</span>;
  return (
    <span className="text-base whitespace-nowrap">
      <strong className="text-2xl">{Math.round(capping.share * 100)} %</strong>{' '}
      {frameWords.capped({ percentRange: percentRange(capping) })}
    </span>
  );
}

/** One side of the frame: its figure, and the way in which it is judged. */
export function SideBlock({
  at,
  active,
  wantedShare,
  eye,
  onActive,
}: SideBlockProps): ReactElement {
  const { setValue, watch } = useFormContext<FrameDraft>();
  const side = watch(`sides.${at}`);
  const name = sideName(at);
  const onChange = (change: Partial<SideDraft>): void => {
    setValue(`sides.${at}`, { ...side, ...change }, { shouldDirty: true });
    onActive();
  };
  return (
    <section aria-label={name} className={active ? '-ml-3 border-l-8 border-lavender pl-1' : ''}>
      <div className="flex min-h-8 items-baseline justify-between gap-2">
        <h2 className="text-xl font-bold">{name}</h2>
        <SideFigure side={side} eye={eye} />
      </div>
      {side.method === 'quick' && eye && isSideJudged(side) && (
        <p className="text-base text-ink-soft">{practiceWords.yourEyeIsIn()}</p>
      )}
      {side.method === 'quick' && <SideQuick name={name} side={side} onChange={onChange} />}
      {side.method === 'points' && (
        <SidePoints name={name} side={side} wantedShare={wantedShare} onChange={onChange} />
      )}
      {side.method === 'paint' && (
        <SidePaint name={name} side={side} wantedShare={wantedShare} onChange={onChange} />
      )}
    </section>
  );
}
