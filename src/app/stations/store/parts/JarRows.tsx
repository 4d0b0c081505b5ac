import { useState, type ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { Link } from 'react-router';
import { type JarStock } from '../../../../model';
import { PURPOSES, vesselId, type JarMoveContent, type Packing } from '../../../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { freshJarMove, jarMoveEntry, readJarMoveForm } from '../../../forms/store/storeForms';
import { gramsText } from '../../../format/jarSize';
import { formatDay } from '../../../format/dates';
import { PURPOSE_NAMES, RELEASE_NAMES } from '../../../words/storeWords';
import { GateFields } from '../../../gate/GateNote';
import { gateOf, type Gate } from '../../../gate/gate';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { JarCheckSheet, lastCheckWords } from './JarCheckSheet';
import type { StoredLot } from '../../../../model';
import { commonWords } from '../../../words/english/common';
import { jarCareWords } from '../../../words/english/jarCare';
import { jarsWords } from '../../../words/english/jars';

function JarMoveFields({ gate }: { gate: Gate }): ReactElement {
  const act = useWatch({ name: 'act' }) as JarMoveContent['act'];
  return (
    <>
      <GateFields gate={gate} />
      <Fields of={jarMoveEntry} at={['act', 'purpose']} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={jarMoveEntry} at="count" big />
        <Field of={jarMoveEntry} at="firstNumber" />
      </div>
      {act === 'given-out' && <Field of={jarMoveEntry} at="to" />}
      <Fields of={jarMoveEntry} at={['at', 'remark']} />
    </>
  );
}

function JarMoveSheet({
  stock,
  lot,
  onClose,
}: {
  stock: JarStock | null;
  lot: StoredLot;
  onClose: () => void;
}): ReactElement {
  const from = stock?.packing.content.from ?? [];
  const gate = gateOf(
    lot,
    from.map((item) => vesselId(item.containerId, item.item)),
  );
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  return (
    <EntrySheet
      open={stock !== null}
      onOpenChange={(open) => !open && onClose()}
      kind="jar-move"
      record={null}
      ownerId={lot.file.lot.entityId}
      formName={stock?.packing.entityId ?? 'none'}
      what={jarsWords.theJars()}
      title={jarsWords.jars({ code: stock?.packing.content.code ?? '' })}
      description={jarsWords.areFreeAreInStock({ free: stock?.free ?? 0, left: stock?.left ?? 0 })}
      formOf={freshJarMove(now, preferences, stock?.packing.content.release)}
      parse={(form) =>
        readJarMoveForm(
          form,
          {
            id: stock?.packing.entityId ?? '',
            free: stock?.free ?? 0,
            left: stock?.left ?? 0,
            setAside: stock?.setAside[form.purpose] ?? 0,
          },
          { preferences, gate },
        )
      }
    >
      <JarMoveFields gate={gate} />
    </EntrySheet>
  );
}

/** "12 for sale, 3 for gifts, 9 free" */
function stockWords({ setAside, free }: JarStock): string {
  const aside = PURPOSES.filter((purpose) => setAside[purpose] > 0).map((purpose) =>
    jarsWords.setAsideFor({ setAside: setAside[purpose], purpose: PURPOSE_NAMES[purpose] }),
  );
  return [...aside, jarsWords.free({ free })].join(', ');
}

/** Runs of jars of a lot. */
export function JarRows({
  lot,
  onEdit,
}: {
  lot: StoredLot;
  onEdit: (packing: Packing) => void;
}): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const [moved, setMoved] = useState<JarStock | null>(null);
  const [checked, setChecked] = useState<JarStock | null>(null);
  if (lot.jars.length === 0) return null;
  const link = 'flex min-h-11 items-center text-base text-lavender underline underline-offset-4';
  return (
    <>
      <ul className="divide-y divide-thread border-t border-thread">
        {lot.jars.map((stock) => {
          const { entityId, content } = stock.packing;
          const check = lastCheckWords(lot, stock.packing, preferences);
          return (
            <li key={entityId} className="flex flex-wrap items-center gap-x-4 py-1.5">
              <span className="w-32 text-lg font-semibold">
                {jarsWords.jars({ code: content.code })}
              </span>
              <span className="w-28 text-lg font-bold">
                {stock.left} × {gramsText(content.jarG, preferences)}
              </span>
              <span className="grow basis-40 text-base">
                {jarsWords.bestBefore({
                  stockWords: stockWords(stock),
                  bestBefore: formatDay(content.bestBefore),
                })}
                {content.release &&
                  `; ${RELEASE_NAMES[content.release.use]}: ${content.release.reason}`}
                {check !== null && <span className="block">{check}</span>}
              </span>
              <Button tone="quiet" onClick={() => setMoved(stock)}>
                {jarsWords.setAsideOrGiveOut()}
                <span className="sr-only"> {content.code}</span>
              </Button>
              <Button tone="quiet" onClick={() => setChecked(stock)}>
                {jarCareWords.checkTheFill()}
                <span className="sr-only"> {content.code}</span>
              </Button>
              <Link to={`/${workspace}/store/labels/${entityId}`} className={link}>
                {jarsWords.labels()}
                <span className="sr-only"> {content.code}</span>
              </Link>
              <Link to={`/${workspace}/store/trace/jars:${entityId}`} className={link}>
                {jarsWords.trace()}
                <span className="sr-only"> {content.code}</span>
              </Link>
              <Button tone="quiet" onClick={() => onEdit(stock.packing)}>
                {commonWords.change()}
                <span className="sr-only"> {jarsWords.jars2({ code: content.code })}</span>
              </Button>
            </li>
          );
        })}
      </ul>
      <JarCheckSheet stock={checked} lot={lot} onClose={() => setChecked(null)} />
      <JarMoveSheet stock={moved} lot={lot} onClose={() => setMoved(null)} />
    </>
  );
}
