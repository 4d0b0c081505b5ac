import type { ReactElement } from 'react';
import type { RunOfJars } from '../../../../model';
import type { Preferences } from '../../../../records';
import type { RecordAct } from '../../../../store';
import { formatDay } from '../../../format/dates';
import { gramsText } from '../../../format/jarSize';
import { Button } from '../../../ui/Button';
import { LongList } from '../../../ui/page/LongList';
import { SheetSection } from '../../../ui/page/SheetSection';
import { jarCareWords } from '../../../words/english/jarCare';
import { jarsWords } from '../../../words/english/jars';
import { keepOneBack } from '../jarActs';

interface OldestJarsProps {
  runs: readonly RunOfJars[];
  preferences: Preferences;
  today: string;
}

/** Runs of jars by the day on their label: what goes out first. */
export function OldestJars({ runs, preferences, today }: OldestJarsProps): ReactElement {
  const first = runs.find((run) => run.mayGo);
  const said = (run: RunOfJars): string | null => {
    if (!run.mayGo) return jarCareWords.heldBack();
    if (run.stock.packing.content.bestBefore < today) return jarCareWords.past();
    return run === first ? jarCareWords.usedFirst() : null;
  };
  return (
    <SheetSection id="oldest" title={jarCareWords.useFirst()}>
      {runs.length === 0 && <p className="text-lg">{jarCareWords.noJars()}</p>}
      <LongList items={runs}>
        {(shown) => (
          <ol className="divide-y divide-thread">
            {shown.map((run) => {
              const { code, jarG, bestBefore } = run.stock.packing.content;
              return (
                <li key={run.stock.packing.entityId} className="py-2">
                  <span className="block text-lg font-semibold">{jarsWords.jars({ code })}</span>
                  <span className="block text-base">
                    {jarCareWords.rowOfRun({
                      left: run.stock.left,
                      size: gramsText(jarG, preferences),
                      day: formatDay(bestBefore),
                    })}
                  </span>
                  <strong className="block text-base">{said(run)}</strong>
                </li>
              );
            })}
          </ol>
        )}
      </LongList>
    </SheetSection>
  );
}

interface SamplesSectionProps {
  runs: readonly RunOfJars[];
  /** whether there are jars at all */
  any: boolean;
  press: (act: RecordAct) => void;
}

/** Lots of which no sealed jar is kept back, each with the one press that keeps one. */
export function SamplesSection({ runs, any, press }: SamplesSectionProps): ReactElement | null {
  if (!any) return null;
  return (
    <SheetSection id="samples" title={jarCareWords.samples()}>
      <p className="text-base">
        {runs.length === 0 ? jarCareWords.allKept() : jarCareWords.samplesWhy()}
      </p>
      <ul className="divide-y divide-thread">
        {runs.map((run) => {
          const { code } = run.stock.packing.content;
          return (
            <li
              key={run.stock.packing.entityId}
              className="flex items-center justify-between gap-3 py-1.5"
            >
              <span className="text-lg font-semibold">{jarsWords.jars({ code })}</span>
              <Button onClick={() => press(keepOneBack(run))}>
                {jarCareWords.keepOneBack()}
                <span className="sr-only"> {code}</span>
              </Button>
            </li>
          );
        })}
      </ul>
    </SheetSection>
  );
}
