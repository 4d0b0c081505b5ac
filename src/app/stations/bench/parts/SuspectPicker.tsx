import { Popover } from 'radix-ui';
import { useState, type ReactElement } from 'react';
import { type LotFile } from '../../../../model';
import { SUSPICIONS, vesselRefOf, type Suspicion } from '../../../../records';
import { markSuspect } from '../benchActs';
import { useAppDispatch } from '../../../../store';
import { Button } from '../../../ui/Button';
import { benchWords } from '../../../words/english/bench';

const SUSPICION_NAMES: Readonly<Record<Suspicion, string>> = {
  'open-frames': benchWords.honeyOfOpenFrames(),
  'last-of-extractor': benchWords.lastOfTheExtractor(),
  drip: benchWords.drainedFromCappings(),
  other: benchWords.anotherReason(),
};

/** Marks the chosen vessel as suspicious: it is tested always, and judged by itself. */
export function SuspectPicker({
  file,
  chosen,
}: {
  file: LotFile;
  chosen: string;
}): ReactElement | null {
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState(false);
  const { containerId, item } = vesselRefOf(chosen);
  const container = file.containers.find((entry) => entry.entityId === containerId);
  if (!container || item === null) return null;
  const now = container.content.suspects.find((suspect) => suspect.item === item);
  const mark = async (because: Suspicion | null): Promise<void> => {
    setOpen(false);
    await dispatch(markSuspect(container, item, because));
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="min-h-11 px-2 text-base font-semibold text-lavender underline decoration-2 underline-offset-4 hover:text-ink">
        {now
          ? benchWords.keptApart({ suspicion: SUSPICION_NAMES[now.because].toLowerCase() })
          : benchWords.keepThisOneApart()}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          align="end"
          aria-label={benchWords.whyThisContainerIsKept()}
          className="z-20 max-w-sm border-4 border-lavender bg-linen p-4"
        >
          <p className="mb-2 text-base">{benchWords.aContainerKeptApartIs()}</p>
          <div className="flex flex-col gap-2">
            {SUSPICIONS.map((suspicion) => (
              <Button key={suspicion} onClick={() => void mark(suspicion)}>
                {SUSPICION_NAMES[suspicion]}
              </Button>
            ))}
            {now && (
              <Button onClick={() => void mark(null)}>{benchWords.doNotKeepItApart()}</Button>
            )}
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
