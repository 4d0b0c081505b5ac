import type { ReactElement } from 'react';
import { HIT_WITHIN, trueShare, type CombScene } from '../../../../core';
import { Button } from '../../../ui/Button';
import { practiceWords } from '../../../words/english/practice';
import { KIND_NAMES, points } from '../kindNames';
import type { useOneLook } from '../useCombDrill';
import { CombCanvas } from './CombCanvas';
import { Taking } from './Taking';

type Look = ReturnType<typeof useOneLook>;

const TENTHS = Array.from({ length: 11 }, (_, at) => at);

function verdictOf(tenths: number, truth: number): string {
  const off = tenths / 10 - truth;
  if (Math.abs(off) <= HIT_WITHIN) return practiceWords.spotOn();
  return off > 0
    ? practiceWords.wasTooMany({ points: points(off) })
    : practiceWords.wasTooFew({ points: points(off) });
}

/** Answers in one row for the thumb: tenths of the honey that are capped. */
function Tenths({ onAnswer }: { onAnswer: (tenths: number) => void }): ReactElement {
  return (
    <div
      role="group"
      aria-label={practiceWords.howMuchIsCapped()}
      className="grid grid-cols-6 gap-1"
    >
      {TENTHS.map((tenths) => (
        <Button key={tenths} className="min-h-14 px-0 text-2xl" onClick={() => onAnswer(tenths)}>
          {tenths}
        </Button>
      ))}
    </div>
  );
}

function Truth({ scene, tenths }: { scene: CombScene; tenths: number }): ReactElement {
  const truth = trueShare(scene);
  return (
    <div aria-live="polite" className="mt-3 border-l-8 border-lavender pl-4">
      <p className="text-4xl leading-tight font-extrabold">
        {practiceWords.itWas({ percent: Math.round(100 * truth) })}
      </p>
      <p className="text-xl font-semibold">
        {practiceWords.youSaid({ tenths, verdict: verdictOf(tenths, truth) })}
      </p>
      <p className="text-base">
        {practiceWords.capsMarked({ kind: KIND_NAMES[scene.kind].toLowerCase() })}
      </p>
      <Taking truth={truth} />
    </div>
  );
}

interface OneLookProps {
  scene: CombScene;
  look: Look;
  /** what comes after the answer */
  onNext: () => void;
}

/** A side, shown for a while, judged, and its truth. */
export function OneLook({ scene, look, onNext }: OneLookProps): ReactElement {
  const { phase, tenths, patient } = look;
  const label =
    phase === 'answered'
      ? practiceWords.combWithTruth({ tenths: Math.round(10 * trueShare(scene)) })
      : practiceWords.combPicture();
  return (
    <div className="mt-3 max-w-3xl">
      <div className="relative">
        {phase !== 'ready' && (
          <CombCanvas
            scene={scene}
            truth={phase === 'answered'}
            label={label}
            onDrawn={look.onDrawn}
          />
        )}
        {phase === 'covered' && (
          <p className="absolute inset-0 flex items-center justify-center border-2 border-ink bg-linen text-xl font-bold">
            {practiceWords.covered()}
          </p>
        )}
        {phase === 'ready' && (
          <Button
            tone="ink"
            className="min-h-44 w-full flex-col text-2xl"
            autoFocus
            onClick={() => look.start()}
          >
            {practiceWords.look()}
            <span className="text-base font-normal">{practiceWords.fiveSeconds()}</span>
          </Button>
        )}
      </div>
      {phase !== 'answered' && (
        <>
          <p className="mt-3 text-xl font-bold">{practiceWords.howMuchIsCapped()}</p>
          <p className="mb-2 text-base">{practiceWords.emptyDoNotCount()}</p>
        </>
      )}
      {phase === 'answered' && <Truth scene={scene} tenths={tenths} />}
      {(phase === 'looking' || phase === 'covered') && <Tenths onAnswer={look.answer} />}
      {phase === 'answered' && (
        <Button tone="ink" className="mt-4 min-h-14 w-full sm:w-auto" autoFocus onClick={onNext}>
          {practiceWords.next()}
        </Button>
      )}
      {phase === 'ready' && (
        <label className="flex min-h-11 items-center gap-3 text-base">
          <input
            type="checkbox"
            className="size-6"
            checked={patient}
            onChange={(event) => look.setPatient(event.target.checked)}
          />
          {practiceWords.takeYourTime()}
        </label>
      )}
    </div>
  );
}
