import { useState, type ReactElement } from 'react';
import type { ComponentId, LotComponent, Repeatability } from '../../../../core';
import { repeatabilityOf } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { COMPONENTS } from '../../../words/reading';
import type { Answer } from '../../../lot/useLot';
import { useLedger } from '../../../data/useWorkspaceModel';
import { benchWords } from '../../../words/english/bench';

/** Parts smaller than this share of the variance are not drawn. */
const DRAWN_FROM = 0.004;

interface SegmentProps {
  component: LotComponent;
  open: boolean;
  onOpen: () => void;
}

/** One part: its share as a bar, its size, and with a tap what it is. */
function Segment({ component, open, onOpen }: SegmentProps): ReactElement {
  const { name, what } = COMPONENTS[component.id];
  const percent = Math.round(component.share * 100);
  return (
    <li>
      <button
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        className="block min-h-12 w-full py-1 text-left hover:bg-lavender-pale"
      >
        <span className="flex items-baseline justify-between gap-3 text-base">
          <span className="font-semibold">{name}</span>
          <span className="whitespace-nowrap">
            {component.standard.toFixed(2)} · <strong>{percent} %</strong>
          </span>
        </span>
        <span aria-hidden className="mt-1 block h-3 bg-paper">
          <span
            className="block h-3 bg-lavender"
            style={{ width: `${Math.max(1, component.share * 100)}%` }}
          />
        </span>
      </button>
      {open && <p className="pb-2 text-base">{what}</p>}
    </li>
  );
}

const FROM_WORDS: Readonly<Record<Repeatability['from'], string>> = {
  assumed: benchWords.assumedAsYouHaveNo(),
  mixed: benchWords.assumedCombinedWithYourFirst(),
  own: benchWords.fromYourOwnRepeatReadings(),
};

/** How well the keeper repeats, and where that is known from. */
function OwnRepeatability(): ReactElement {
  const { initials } = useAppSelector(selectPreferences);
  const { replicates } = useLedger();
  const own = repeatabilityOf(initials, initials === '' ? [] : replicates);
  return (
    <p className="mt-3 text-base">
      {benchWords.repeatsTo2({
        part:
          initials === '' ? benchWords.aReaderWithoutInitials() : benchWords.reader2({ initials }),
      })}{' '}
      <strong>{benchWords.points({ standardDeviation: own.standardDeviation.toFixed(2) })}</strong>{' '}
      {benchWords.readTheSameSampleTwice({ fromWord: FROM_WORDS[own.from] })}
    </p>
  );
}

/** What the ± is made of, largest first; one tap explains each. */
export function UncertaintyPart({ answer }: { answer: Answer }): ReactElement | null {
  const [open, setOpen] = useState<ComponentId | null>(null);
  const { measured } = answer.ruling.belief;
  if (!measured) return null;
  const { standard, coverageFactor, expanded } = measured.uncertainty;
  const components = measured.components
    .filter((component) => component.share >= DRAWN_FROM)
    .sort((a, b) => b.share - a.share);
  return (
    <section aria-labelledby="uncertainty" className="border-t-2 border-ink pt-3">
      <h2 id="uncertainty" className="text-2xl font-bold">
        {benchWords.whatMakesUpThe({ expanded: expanded.toFixed(1) })}
      </h2>
      <ul className="mt-2">
        {components.map((component) => (
          <Segment
            key={component.id}
            component={component}
            open={open === component.id}
            onOpen={() => setOpen(open === component.id ? null : component.id)}
          />
        ))}
      </ul>
      <p className="mt-2 text-base">
        {benchWords.togetherUTimesKGives({
          standard: standard.toFixed(2),
          coverageFactor: coverageFactor.toFixed(2),
        })}{' '}
        <strong>{benchWords.points3({ expanded: expanded.toFixed(2) })}</strong> {benchWords.at()}
      </p>
      <OwnRepeatability />
    </section>
  );
}
