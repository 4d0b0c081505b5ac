import { useState, type ReactElement } from 'react';
import type { LotFile } from '../../../../model';
import type { CircumstancesContent } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import {
  circumstancesEntry,
  circumstancesFormOf,
  readCircumstancesForm,
} from '../../../forms/lots/circumstancesForm';
import {
  BROOD_NAMES,
  HEALTH_NAMES,
  NECTAR_NAMES,
  OUTSIDE_NAMES,
  RESIDUE_NAMES,
  SET_NAMES,
  TAINT_NAMES,
} from '../../../words/circumstanceWords';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';

/** What was said that is not as it mostly is. */
function saidWords(content: CircumstancesContent): string[] {
  const { nectar, sourceHealth, brood, taint, setState, residues, treated } = content;
  return [
    ...(nectar === 'not-said'
      ? []
      : [rulingWords.nectar({ nectar: NECTAR_NAMES[nectar].toLowerCase() })]),
    ...(sourceHealth === 'not-said'
      ? []
      : [rulingWords.colonies({ health: HEALTH_NAMES[sourceHealth].toLowerCase() })]),
    ...(brood === 'none' ? [] : [BROOD_NAMES[brood]]),
    ...(taint === 'none'
      ? []
      : [rulingWords.scentedBoard({ taint: TAINT_NAMES[taint].toLowerCase() })]),
    ...(setState === 'liquid' ? [] : [SET_NAMES[setState]]),
    ...residues.map((residue) =>
      rulingWords.met({ residue: RESIDUE_NAMES[residue].toLowerCase() }),
    ),
    ...(treated
      ? [
          rulingWords.honeyFromOnAccordingTo({
            product: treated.product,
            freeFrom: formatDay(treated.freeFrom),
          }),
        ]
      : []),
    ...((content.outsideBoxes ?? 'not-said') === 'not-said'
      ? []
      : [
          rulingWords.boxesNotInYourRecords({
            outside: OUTSIDE_NAMES[content.outsideBoxes ?? 'not-said'].toLowerCase(),
          }),
        ]),
    ...(content.wetEquipment ? [rulingWords.equipmentWasWet()] : []),
    ...(content.lastFlowInBoxes ? [rulingWords.boxesStillHeldHoneyFrom()] : []),
    ...(content.remark === '' ? [] : [content.remark]),
  ];
}

function CircumstancesFields({ asksBoxes }: { asksBoxes: boolean }): ReactElement {
  return (
    <>
      {asksBoxes && <Field of={circumstancesEntry} at="outsideBoxes" />}
      <Fields of={circumstancesEntry} at={['nectar', 'sourceHealth', 'residues']} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={circumstancesEntry} at={['treated.product', 'treated.freeFrom']} />
      </div>
      <Fields of={circumstancesEntry} at={['brood', 'taint', 'also', 'setState', 'remark']} />
    </>
  );
}

/** Whether frames of it were judged with boxes that are not in the book. */
const hasTypedBoxes = ({ frames }: LotFile): boolean =>
  frames?.content.frames.some(
    (frame) => frame.frameId === null && (frame.boxId ?? null) === null,
  ) ?? false;

/** What else bears on a lot: nectar, health, treatments, brood, scent, water, last flow, setting. */
export function CircumstancesSection({ file }: { file: LotFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [open, setOpen] = useState(false);
  const record = file.circumstances;
  const words = record ? saidWords(record.content) : [];
  return (
    <SheetSection
      id="circumstances"
      title={rulingWords.anythingElseToNote()}
      aside={
        <Button onClick={() => setOpen(true)}>
          {record ? commonWords.change() : rulingWords.addANote()}
        </Button>
      }
    >
      {words.length === 0 ? (
        <p className="text-lg">
          {record ? rulingWords.checkedNothingOutOfThe() : rulingWords.nothingNotedYetAboutNectar()}
        </p>
      ) : (
        <ul className="list-disc space-y-1 pl-5 text-lg">
          {words.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      )}
      <EntrySheet
        open={open}
        onOpenChange={setOpen}
        kind="circumstances"
        record={record}
        ownerId={file.lot.entityId}
        what={rulingWords.theNote()}
        title={rulingWords.anythingElseToNote()}
        description={rulingWords.whatBlocksALotBlocks()}
        formOf={circumstancesFormOf(record?.content ?? null, preferences)}
        parse={(form) => readCircumstancesForm(form, preferences)}
      >
        <CircumstancesFields asksBoxes={hasTypedBoxes(file)} />
      </EntrySheet>
    </SheetSection>
  );
}
