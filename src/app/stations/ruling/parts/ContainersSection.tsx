import { useRecordForm } from '../../../forms/useRecordForm';
import { addContainer } from '../lotActs';
import { Pencil } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import {
  amountMass,
  densityMoisture,
  totalMass,
  type Belief,
  type MassEstimate,
} from '../../../../core';
import { type LotFile } from '../../../../model';
import { type Container, type Preferences } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import {
  CONTAINER_NAMES,
  containerEntry,
  freshContainer,
  readContainerForm,
} from '../../../forms/lots/containerForm';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { useAsked } from '../../../data/useAsked';
import { Sheet } from '../../../ui/forms/Sheet';
import { ContainerFields } from './ContainerFields';
import { CorrectSheet } from '../../../ui/forms/CorrectSheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';
import { formatDoubtful } from '../../../format/doubtful';

/** Two standard uncertainties, about 95 %. */
const TWO = 2;

export function massWords(
  { massKg, standardUncertaintyKg }: MassEstimate,
  preferences: Preferences,
): string {
  return formatDoubtful(massKg, TWO * standardUncertaintyKg, 'mass', preferences);
}

/** Mass of the containers whose amount is known; null where none is. */
export function massOf(containers: readonly Container[], belief: Belief): MassEstimate | null {
  const known = containers.filter((container) => container.content.amount !== null);
  if (known.length === 0) return null;
  const masses = known.flatMap(({ content }) =>
    content.amount ? [amountMass(content.amount, densityMoisture(belief.mean))] : [],
  );
  return totalMass(
    masses,
    known.map((item) => item.content.count),
  );
}

function ContainerRow({
  container,
  belief,
}: {
  container: Container;
  belief: Belief;
}): ReactElement {
  const [correcting, setCorrecting] = useState(false);
  const preferences = useAppSelector(selectPreferences);
  const { content } = container;
  const each = content.amount && amountMass(content.amount, densityMoisture(belief.mean));
  const kind = CONTAINER_NAMES[content.containerKind];
  return (
    <li className="flex flex-wrap items-center gap-x-4 py-2">
      <span className="grow basis-48 text-lg">
        <strong>
          {content.count} × {content.label}
        </strong>
        {kind === content.label ? '' : ` (${kind.toLowerCase()})`}
        {each
          ? rulingWords.each({ massWords: massWords(each, preferences) })
          : rulingWords.amountNotKnown()}
      </span>
      <Button tone="quiet" onClick={() => setCorrecting(true)}>
        <Pencil aria-hidden className="size-4" /> {commonWords.correct()}
        <span className="sr-only"> {content.label}</span>
      </Button>
      <CorrectSheet
        open={correcting}
        onOpenChange={setCorrecting}
        record={container}
        what={rulingWords.theseContainers()}
        formOf={containerEntry.fill(content, preferences)}
        parse={(form) => readContainerForm(form, preferences)}
      >
        <ContainerFields />
      </CorrectSheet>
    </li>
  );
}

function ContainerEntry({ lotId, onDone }: { lotId: string; onDone: () => void }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { frame, keep } = useRecordForm({
    formKey: `container:${lotId}`,
    defaults: freshContainer(preferences),
    parse: (values) => readContainerForm(values, preferences),
    act: (content, options) => addContainer(content, lotId, options),
    onKept: onDone,
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={rulingWords.addContainers()}>
      <div className="space-y-5">
        <ContainerFields />
        <Button type="submit" tone="ink">
          {rulingWords.add()}
        </Button>
      </div>
    </FormFrame>
  );
}

/** What the honey is in, and how much there is. */
export function ContainersSection({
  file,
  belief,
}: {
  file: LotFile;
  belief: Belief;
}): ReactElement {
  const [opened, setOpened] = useState(false);
  const [asked, askedDone] = useAsked('add');
  const adding = opened || asked === 'containers';
  const setAdding = (open: boolean): void => {
    setOpened(open);
    if (!open && asked !== null) askedDone();
  };
  const preferences = useAppSelector(selectPreferences);
  const total = massOf(file.containers, belief);
  return (
    <SheetSection
      id="containers"
      title={rulingWords.containers2()}
      aside={<Button onClick={() => setAdding(true)}>{rulingWords.addContainers()}</Button>}
    >
      {file.containers.length === 0 ? (
        <p className="text-lg">{rulingWords.noneYetReadingsCountFor()}</p>
      ) : (
        <ul className="divide-y divide-thread">
          {file.containers.map((container) => (
            <ContainerRow key={container.entityId} container={container} belief={belief} />
          ))}
        </ul>
      )}
      {total && (
        <p className="mt-2 text-lg font-bold">
          {rulingWords.together({ massWords: massWords(total, preferences) })}
        </p>
      )}
      <Sheet
        open={adding}
        onOpenChange={setAdding}
        title={rulingWords.addContainers()}
        description={rulingWords.whatTheHoneyOfThis()}
      >
        <ContainerEntry lotId={file.lot.entityId} onDone={() => setAdding(false)} />
      </Sheet>
    </SheetSection>
  );
}
