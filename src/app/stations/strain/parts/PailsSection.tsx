import type { ReactElement } from 'react';
import { suggestedContainers, type ExtractionFile } from '../../../../model';
import { type ContainerContent } from '../../../../records';
import { recordPails } from '../lineActs';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { counted } from '../../../format/counted';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { AskedDay } from '../dayQuestion';
import { useLedger } from '../../../data/useWorkspaceModel';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

/** Whether the lot has these containers already: same labels and counts. */
function hasAll(kept: readonly ContainerContent[], asked: readonly ContainerContent[]): boolean {
  return asked.every((item) =>
    kept.some((each) => each.label === item.label && each.count === item.count),
  );
}

const PAIL_LABELS = {
  pail: lineWords.pailLabel(),
  last: (number: number | null) =>
    number === null ? lineWords.lastPail() : lineWords.lastPailNumber({ number }),
};

/** The pails that the day comes to, and the way to write them down for the lot. */
export function PailsSection({
  file,
  asked,
}: {
  file: ExtractionFile;
  asked: AskedDay;
}): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { files } = useLedger();
  const { content } = file.extraction;
  const lot = files.find((lotFile) => lotFile.lot.entityId === content.lotId);
  const containers = suggestedContainers(content, asked.pails, PAIL_LABELS);
  const kept = lot?.containers.map((container) => container.content) ?? [];
  const write = (): void => {
    if (lot) void dispatch(recordPails(containers, lot.lot.entityId));
  };
  const isDone = lot !== undefined && containers.length > 0 && hasAll(kept, containers);
  return (
    <SheetSection id="pails" title={lineWords.pails()}>
      <ul aria-label={lineWords.pailsOfThisDay()} className="divide-y divide-thread">
        {containers.map((container) => (
          <li key={container.label} className="flex justify-between gap-4 py-2 text-lg">
            <span>
              {counted(
                container.count,
                container.label.toLowerCase(),
                `${container.label.toLowerCase()}s`,
              )}
              {container.suspects.length > 0 && (
                <span className="block text-base text-ink-soft">
                  {lineWords.fromTheLastLoadJudged()}
                </span>
              )}
            </span>
            {container.amount?.by === 'mass' && (
              <strong>{formatQuantity(container.amount.massKg, 'mass', preferences)}</strong>
            )}
          </li>
        ))}
      </ul>
      {asked.now.phase !== 'done' && (
        <p className="mt-1 text-base">{lineWords.asPlannedOnceTheDay()}</p>
      )}
      {lot ? (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          {isDone ? (
            <p className="text-lg font-semibold">{lineWords.recordedWithTheLot()}</p>
          ) : (
            <Button className="min-h-14" onClick={write}>
              {lineWords.recordThemFor({ name: lot.lot.content.name || lot.lot.content.code })}
            </Button>
          )}
          <PageLink to={`lots/${lot.lot.entityId}`}>{commonWords.theLot()}</PageLink>
          <PageLink to={`strain/mass/${lot.lot.entityId}`}>
            {lineWords.itsBalanceAndJars()}
          </PageLink>
        </div>
      ) : (
        <p className="mt-2 text-base">{lineWords.chooseALotForThe()}</p>
      )}
    </SheetSection>
  );
}
