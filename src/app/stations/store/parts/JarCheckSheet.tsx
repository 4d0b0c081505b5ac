import type { ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { fillCheck, type FillCheck, type JarFault } from '../../../../core';
import type { JarStock, StoredLot } from '../../../../model';
import type { JarCheck, JarCheckContent, Packing, Preferences } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import {
  jarCheckEntry,
  readJarCheckForm,
  type JarCheckForm,
} from '../../../forms/store/jarCheckForm';
import { formatDay } from '../../../format/dates';
import { gramsText } from '../../../format/jarSize';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { jarCareWords } from '../../../words/english/jarCare';
import { FAULT_OF_JAR_NAMES, MENDING, fillWords } from '../../../words/jarCareNames';

/** What a check says of a run of jars. */
const checkOf = ({ weightsG, tareG }: JarCheckContent, jarG: number): FillCheck =>
  fillCheck(
    weightsG.map((each) => each - tareG),
    jarG,
  );

/** A mean so much over the label is worth a word [1]. */
const GIVEN_AWAY = 0.01;

function FillAnswer({ check, jarG, at }: { check: FillCheck; jarG: number; at: Preferences }) {
  const more = check.meanG - jarG;
  return (
    <div aria-live="polite" className="border-l-8 border-lavender pl-4">
      <p className="text-2xl leading-tight font-bold">{fillWords(check, at)}</p>
      <p className="text-lg">
        {jarCareWords.meanOf({
          mean: gramsText(check.meanG, at, 1),
          count: check.count,
          may: gramsText(check.mayMissG, at, 1),
        })}{' '}
        {check.verdict === 'full' &&
          more > GIVEN_AWAY * jarG &&
          jarCareWords.overfill({ more: gramsText(more, at) })}
      </p>
      <p className="text-base text-ink-soft">{jarCareWords.localRules()}</p>
    </div>
  );
}

function CheckFields({ packing }: { packing: Packing }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const typed = useWatch() as JarCheckForm;
  const parsed = readJarCheckForm(typed, packing.entityId, preferences);
  const { jarG } = packing.content;
  const faults = (typed.faults ?? []) as readonly JarFault[];
  return (
    <>
      <Field of={jarCheckEntry} at="weightsG" big />
      <Field of={jarCheckEntry} at="tareG" />
      {parsed.ok && (
        <FillAnswer check={checkOf(parsed.content, jarG)} jarG={jarG} at={preferences} />
      )}
      <Field of={jarCheckEntry} at="faults" />
      {faults.length > 0 && (
        <ul className="list-disc space-y-1 pl-5 text-lg">
          {faults.map((fault) => (
            <li key={fault}>
              <strong>{FAULT_OF_JAR_NAMES[fault]}.</strong> {MENDING[fault]}
            </li>
          ))}
        </ul>
      )}
      <Fields of={jarCheckEntry} at={['at', 'remark']} />
    </>
  );
}

/** The latest check of a run, in words; null where nobody checked. */
export function lastCheckWords(lot: StoredLot, packing: Packing, at: Preferences): string | null {
  const last = checksOf(lot, packing).at(-1);
  if (!last) return null;
  const check = checkOf(last.content, packing.content.jarG);
  return jarCareWords.lastChecked({
    day: formatDay(last.content.at),
    verdict: fillWords(check, at),
  });
}

const checksOf = ({ file }: StoredLot, packing: Packing): JarCheck[] =>
  file.jarChecks
    .filter(({ content }) => content.packingId === packing.entityId)
    .sort((a, b) => a.content.at.localeCompare(b.content.at));

interface JarCheckSheetProps {
  lot: StoredLot;
  stock: JarStock | null;
  onClose: () => void;
}

/** Some jars of a run weighed, and looked at as a judge does. */
export function JarCheckSheet({ lot, stock, onClose }: JarCheckSheetProps): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  if (!stock) return null;
  const { packing } = stock;
  const { code, jarG } = packing.content;
  return (
    <EntrySheet
      open
      onOpenChange={(open) => !open && onClose()}
      kind="jar-check"
      record={null}
      ownerId={lot.file.lot.entityId}
      formName={packing.entityId}
      what={jarCareWords.theCheck()}
      title={jarCareWords.checkTitle({ code })}
      description={jarCareWords.checkHelp({ size: gramsText(jarG, preferences) })}
      formOf={jarCheckEntry.fill({ at: now }, preferences)}
      parse={(form) => readJarCheckForm(form, packing.entityId, preferences)}
    >
      <CheckFields packing={packing} />
    </EntrySheet>
  );
}
