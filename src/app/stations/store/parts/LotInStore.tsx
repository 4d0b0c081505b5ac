import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import type { StoredVessel } from '../../../../model';
import type { Packing } from '../../../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../store';
import { formatDay } from '../../../format/dates';
import { answerFigure, headline } from '../../../words/phrasing';
import { PLACE_NAMES } from '../../../words/storeWords';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { OutcomeMark } from '../../../ui/OutcomeMark';
import { JarRows } from './JarRows';
import { MoveSheet } from './MoveSheet';
import { PackSheet } from './PackSheet';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import type { StoredLot } from '../../../../model';
import { commonWords } from '../../../words/english/common';
import { storeWords } from '../../../words/english/store';

/** Where a vessel stands, in words. */
function placeWords({ storedAt }: StoredVessel, temperature: (c: number) => string): string {
  if (!storedAt) return storeWords.placeNotNoted();
  const name = storedAt.place || PLACE_NAMES[storedAt.kind];
  return storedAt.temperatureC === null ? name : `${name}, ${temperature(storedAt.temperatureC)}`;
}

function VesselRow({ vessel, onMove }: { vessel: StoredVessel; onMove: () => void }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const kg = (value: number | null): string =>
    value === null ? storeWords.notWeighed() : formatQuantity(value, 'mass', preferences);
  const opened = vessel.openedAt
    ? storeWords.opened({ openedAt: formatDay(vessel.openedAt) })
    : vessel.openedAt === ''
      ? storeWords.openedHeading()
      : '';
  return (
    <li className="flex flex-wrap items-center gap-x-4 py-1.5">
      <span className="w-32 text-lg font-semibold">{vessel.label}</span>
      <span className="w-28 text-lg font-bold">
        {vessel.isEmpty ? commonWords.empty() : kg(vessel.leftKg)}
      </span>
      <span className="grow basis-40 text-base">
        {placeWords(vessel, (c) => formatQuantity(c, 'temperature', preferences, 0))}
        {opened}
      </span>
      <Button tone="quiet" onClick={onMove}>
        {storeWords.moveOrTake()}
        <span className="sr-only"> {vessel.label}</span>
      </Button>
    </li>
  );
}

/** Most vessels of a lot that are listed before the rest is folded away. */
const LISTED = 3;

interface LotInStoreProps {
  lot: StoredLot;
  /** whether the sheet for jars is to open at once */
  filling?: boolean;
  onFilled?: () => void;
}

/** A lot in the store: how it stands, its containers, its jars. */
export function LotInStore({ lot, filling = false, onFilled }: LotInStoreProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const [moved, setMoved] = useState<StoredVessel | null>(null);
  const [packing, setPacking] = useState<Packing | 'new' | null>(filling ? 'new' : null);
  const closePacking = (): void => {
    setPacking(null);
    if (filling) onFilled?.();
  };
  const { file, ruling, vessels } = lot;
  const { content, entityId } = file.lot;
  const name = content.name || commonWords.lot({ code: content.code });
  const weighed = vessels.flatMap(({ leftKg }) => leftKg ?? []);
  const leftKg =
    weighed.length === 0 && vessels.length > 0 ? null : weighed.reduce((sum, kg) => sum + kg, 0);
  const [first, rest] = [vessels.slice(0, LISTED), vessels.slice(LISTED)];
  const rows = (list: readonly StoredVessel[]): ReactElement => (
    <ul className="divide-y divide-thread">
      {list.map((storedVessel) => (
        <VesselRow
          key={storedVessel.id}
          vessel={storedVessel}
          onMove={() => setMoved(storedVessel)}
        />
      ))}
    </ul>
  );
  return (
    <article aria-label={name} className="mt-4 border-t-2 border-ink pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-xl font-bold">
          <Link
            to={`/${workspace}/lots/${entityId}`}
            className="underline decoration-thread-deep underline-offset-4 hover:text-lavender"
          >
            {name}
          </Link>
        </h3>
        <p className="text-2xl font-extrabold">
          {leftKg === null ? storeWords.notWeighed() : formatQuantity(leftKg, 'mass', preferences)}
        </p>
      </div>
      <p className="flex flex-wrap items-center gap-x-3 text-base">
        <span className="flex items-center gap-2 font-semibold">
          <OutcomeMark outcome={ruling.outcome} className="size-5" />
          {headline(ruling)}
        </span>
        <span>{answerFigure(ruling)} %</span>
        <Link
          to={`/${workspace}/store/keep/${entityId}`}
          className="flex min-h-11 items-center text-lavender underline underline-offset-4"
        >
          {storeWords.howItKeeps()}
          <span className="sr-only"> {name}</span>
        </Link>
        <Link
          to={`/${workspace}/store/trace/lot:${entityId}`}
          className="flex min-h-11 items-center text-lavender underline underline-offset-4"
        >
          {storeWords.trace()}
          <span className="sr-only"> {name}</span>
        </Link>
        <Button tone="quiet" onClick={() => setPacking('new')}>
          {storeWords.fillJars()}
          <span className="sr-only"> {storeWords.ofName({ name })}</span>
        </Button>
      </p>
      {rows(first)}
      {rest.length > 0 && (
        <details>
          <FoldSummary>{storeWords.moreContainers({ rest: rest.length })}</FoldSummary>
          {rows(rest)}
        </details>
      )}
      <JarRows lot={lot} onEdit={setPacking} />
      <MoveSheet lot={lot} vessel={moved} onClose={() => setMoved(null)} />
      <PackSheet lot={lot} packing={packing} onClose={closePacking} />
    </article>
  );
}
