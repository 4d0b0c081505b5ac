import type { ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import type { WaxAct } from '../../../../core';
import type { Preferences, WaxContent } from '../../../../records';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { freshWax, waxEntry } from '../../../forms/line/waxForm';
import { formatDay } from '../../../format/dates';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { LongList } from '../../../ui/page/LongList';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { waxWords } from '../../../words/english/wax';
import { WAX_FORM_NAMES } from '../../../words/waxNames';
import type { useWaxController } from '../useWaxController';

/** A line in words. */
function lineWords({ act, from, fromKg, into, intoKg }: WaxContent, at: Preferences): string {
  const mass = (kg: number | null): string => formatQuantity(kg ?? 0, 'mass', at, 2);
  const name = (form: typeof from): string => (form ? WAX_FORM_NAMES[form].toLowerCase() : '');
  if (act === 'gathered') return waxWords.lineGathered({ kg: mass(intoKg), form: name(into) });
  if (act === 'gone') return waxWords.lineGone({ kg: mass(fromKg), form: name(from) });
  return waxWords.lineMelted({
    kg: mass(fromKg),
    form: name(from),
    outKg: mass(intoKg),
    out: name(into),
  });
}

function WaxFields(): ReactElement {
  const act = useWatch({ name: 'act' }) as WaxAct;
  return (
    <>
      <Field of={waxEntry} at="act" />
      {act !== 'gathered' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields of={waxEntry} at={['from', 'fromKg']} />
        </div>
      )}
      {act !== 'gone' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields of={waxEntry} at={['into', 'intoKg']} />
        </div>
      )}
      <Fields of={waxEntry} at={['day', 'remark']} />
    </>
  );
}

/** Every line of the ledger, and the sheet that adds one. */
export function WaxLines(props: ReturnType<typeof useWaxController>): ReactElement {
  const { lines, preferences, editing, today } = props;
  const { record } = editing;
  return (
    <>
      {lines.length > 0 && (
        <SheetSection id="wax-lines" title={waxWords.lines()}>
          <LongList items={lines}>
            {(shown) => (
              <ul className="divide-y divide-thread">
                {shown.map((line) => (
                  <li key={line.entityId} className="flex flex-wrap items-center gap-x-4 py-1.5">
                    <span className="grow basis-52 text-lg">
                      {lineWords(line.content, preferences)}
                      <span className="block text-base text-ink-soft">
                        {formatDay(line.content.day)}
                        {line.content.remark === '' ? '' : `, ${line.content.remark}`}
                      </span>
                    </span>
                    <Button tone="quiet" onClick={() => editing.edit(line)}>
                      {commonWords.change()}
                      <span className="sr-only"> {lineWords(line.content, preferences)}</span>
                    </Button>
                  </li>
                ))}
              </ul>
            )}
          </LongList>
        </SheetSection>
      )}
      <EntrySheet
        {...editing}
        kind="wax"
        what={waxWords.theWax()}
        title={waxWords.weighWax()}
        description={waxWords.help()}
        formOf={waxEntry.fill(record?.content ?? freshWax(today), preferences)}
        parse={(form) => waxEntry.read(form, preferences)}
      >
        <WaxFields />
      </EntrySheet>
    </>
  );
}
