import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import type { KeptJudgedFrame } from '../../../../model';
import { SHAKE_CHOICES } from '../../../forms/lots/combForm';
import { Button } from '../../../ui/Button';
import type { QuickTakeForm } from '../quickTake';
import { sideName } from '../frameDraft';
import { ACT_NAMES } from '../words';
import { Pick } from '../../../ui/fields/Pick';
import { SideQuick } from './frame/SideQuick';
import { frameWords } from '../../../words/english/frame';
import { useTell } from '../../../words/useTell';

const BUCKET = [
  { value: 'school', label: frameWords.followTheAdvice() },
  { value: 'yes', label: frameWords.takeIt() },
  { value: 'no', label: frameWords.leaveIt() },
] as const;

interface FewFrameFieldsProps {
  at: number;
  judged: KeptJudgedFrame | null;
  onRemove: () => void;
}

/** One of a few frames: both sides, the shake, the answer. */
export function FewFrameFields({ at, judged, onRemove }: FewFrameFieldsProps): ReactElement {
  const { watch, setValue } = useFormContext<QuickTakeForm>();
  const tell = useTell();
  const frame = watch(`frames.${at}`);
  return (
    <section
      aria-label={frameWords.frame({ at: at + 1 })}
      className="space-y-2 border-t-2 border-ink pt-2"
    >
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-xl font-bold">{frameWords.frame({ at: at + 1 })}</h2>
        <p aria-live="polite" className="grow text-right text-base">
          {judged && (
            <>
              <strong className="text-2xl">{ACT_NAMES[judged.act]}</strong>{' '}
              {judged.overridden ? frameWords.yourChoice() : tell(judged.decision.sentence)}
            </>
          )}
        </p>
      </div>
      {frame.sides.map((side, index) => (
        <div key={index}>
          <p className="text-base font-semibold">{sideName(index)}</p>
          <SideQuick
            name={frameWords.frameAt({ at: at + 1, sideName: sideName(index).toLowerCase() })}
            side={{ ...side, undrawnTenths: 0, broodTenths: 0 }}
            onChange={(change) =>
              setValue(`frames.${at}.sides.${index}`, { ...side, ...change }, { shouldDirty: true })
            }
          />
        </div>
      ))}
      <Pick
        label={frameWords.shakeTest()}
        value={frame.shake}
        choices={SHAKE_CHOICES}
        onPick={(shake) => setValue(`frames.${at}.shake`, shake, { shouldDirty: true })}
      />
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div className="grow">
          <Pick
            label={frameWords.whatIDo()}
            value={frame.bucket}
            choices={BUCKET}
            columns={3}
            onPick={(bucket) => setValue(`frames.${at}.bucket`, bucket, { shouldDirty: true })}
          />
        </div>
        <Button tone="quiet" className="min-h-14" onClick={onRemove}>
          {frameWords.removeFrame({ at: at + 1 })}
        </Button>
      </div>
    </section>
  );
}
