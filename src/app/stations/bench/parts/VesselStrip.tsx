import clsx from 'clsx';
import { RadioGroup } from 'radix-ui';
import type { ReactElement } from 'react';
import { Controller, useFormContext } from 'react-hook-form';
import { vesselMoistures, type VesselEvidence } from '../../../../core';
import { type LotFile } from '../../../../model';
import { vesselId, type Container } from '../../../../records';
import { useCommands } from '../../../commands/useCommands';
import { formatPercent } from '../../../format/moisture';
import { nextVessel } from '../../../lot/useReadingForm';
import type { Answer } from '../../../lot/useLot';
import { SuspectPicker } from './SuspectPicker';
import { RadioItem } from '../../../ui/fields/RadioItem';
import { benchWords } from '../../../words/english/bench';
import { tell } from '../../../words/tell';

interface VesselView {
  readonly id: string;
  readonly short: string;
  readonly name: string;
  readonly planned: boolean;
  readonly suspect: string | null;
  /** mean of its readings [%], null where it was not read */
  readonly percent: number | null;
}

/** The mean of each vessel from its own readings, suspicious ones included. */
function vesselMeans({ evidence, ruling }: Answer): Map<string, number> {
  const measured = vesselMoistures(evidence, ruling.belief);
  return new Map(
    measured.map((vesselMoisture) => [vesselMoisture.vesselId ?? '', vesselMoisture.meanPercent]),
  );
}

function viewsOf(
  container: Container,
  vessels: readonly VesselEvidence[],
  { planned, means }: { planned: ReadonlySet<string>; means: ReadonlyMap<string, number> },
): VesselView[] {
  const { count } = container.content;
  return Array.from({ length: count }, (_, at) => {
    const id = vesselId(container.entityId, at + 1);
    const vessel = vessels.find((vesselEvidence) => vesselEvidence.id === id);
    return {
      id,
      short: count > 1 ? String(at + 1) : container.content.label,
      name: vessel?.label ?? container.content.label,
      planned: planned.has(id),
      suspect: vessel?.suspectBecause ? tell(vessel.suspectBecause) : null,
      percent: means.get(id) ?? null,
    };
  });
}

function spoken({ name, planned, suspect, percent }: VesselView): string {
  const facts = [
    name,
    planned ? benchWords.inThePlan() : '',
    suspect === null ? '' : benchWords.keptApart2({ suspect }),
    percent === null ? benchWords.notRead() : `${formatPercent(percent)} %`,
  ];
  return facts.filter((fact) => fact !== '').join(', ');
}

function VesselCell({ view }: { view: VesselView }): ReactElement {
  const { id, short, planned, suspect, percent } = view;
  return (
    <RadioItem
      value={id}
      aria-label={spoken(view)}
      className={clsx(
        'relative flex min-h-14 min-w-14 flex-col items-center justify-center bg-paper px-1.5 text-ink hover:not-data-[state=checked]:bg-lavender-pale data-[state=checked]:bg-ink data-[state=checked]:text-linen',
        suspect === null ? 'border-2 border-ink' : 'border-2 border-dashed border-ink',
      )}
    >
      {planned && (
        <span
          aria-hidden
          className="absolute inset-x-0 top-0 h-1.5 bg-lavender"
          title={benchWords.planned()}
        />
      )}
      <span className="text-lg leading-none font-bold">{short}</span>
      <span className="mt-0.5 text-base leading-none">
        {percent === null ? '–' : formatPercent(percent)}
      </span>
    </RadioItem>
  );
}

/** All vessels of the lot as they stand in a row: which is read, which is planned, which is suspicious. */
export function VesselStrip({ file, answer }: { file: LotFile; answer: Answer }): ReactElement {
  const { control, watch, setValue } = useFormContext();
  const chosen = String(watch('vessel'));
  const planned = new Set(file.plan?.content.plannedIds.flat() ?? []);
  const means = vesselMeans(answer);
  const { vessels } = answer.evidence;
  const next = (): void => setValue('vessel', nextVessel(file, chosen), { shouldDirty: true });
  useCommands([
    { id: 'next-vessel', title: benchWords.goToTheNextContainer(), key: 'x', run: next },
  ]);
  if (file.containers.length === 0) {
    return <p className="text-base">{benchWords.thisLotHasNoContainers()}</p>;
  }
  const name =
    vessels.find((vessel) => vessel.id === chosen)?.label ?? benchWords.theWholeLotStirred();
  return (
    <section aria-label={benchWords.containers()}>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-3xl font-bold">{name}</h2>
        <SuspectPicker file={file} chosen={chosen} />
      </div>
      <Controller
        name="vessel"
        control={control}
        render={({ field }) => (
          <RadioGroup.Root
            value={field.value as string}
            onValueChange={field.onChange}
            aria-label={benchWords.takenFrom()}
            className="flex flex-wrap gap-1"
          >
            {file.containers.flatMap((container) =>
              viewsOf(container, vessels, { planned, means }).map((view) => (
                <VesselCell key={view.id} view={view} />
              )),
            )}
            <RadioItem
              value=""
              className="min-h-14 border-2 border-ink bg-paper px-3 text-base font-semibold data-[state=checked]:bg-ink data-[state=checked]:text-linen"
            >
              {benchWords.wholeLotHeading()}
            </RadioItem>
          </RadioGroup.Root>
        )}
      />
      <p className="mt-1 text-base text-ink-soft">
        {planned.size > 0 && benchWords.barOnTopInThe()}
        {vessels.some((vessel) => vessel.suspectBecause !== undefined) &&
          benchWords.dashedKeptApartJudgedBy()}
      </p>
    </section>
  );
}
