import type { ReactElement } from 'react';
import { differencesOf, type AnyRecord } from '../../../records';
import { formatMoment } from '../../format/dates';
import { selectPreferences, useAppSelector } from '../../../store';
import { fieldName, fieldText } from '../../forms/recordFields';
import { PlainTable } from '../PlainTable';
import { commonWords } from '../../words/english/common';
import { formatsWords } from '../../words/english/formats';

interface SideBySideProps {
  label: string;
  /** what each side is called */
  names: readonly string[];
  records: readonly AnyRecord[];
}

const WITHDRAWN = commonWords.removedInside();

/** Revisions beside one another: who wrote them when, and each field in which they differ. */
export function SideBySide({ label, names, records }: SideBySideProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const kind = records[0]?.kind ?? 'lot';
  const differences = differencesOf(records.map((record) => record.content));
  return (
    <PlainTable
      label={label}
      head={[formatsWords.field(), ...names]}
      rows={[
        [
          formatsWords.written(),
          ...records.map(
            (record) =>
              `${formatMoment(record.recordedAt)}${record.author === '' ? '' : commonWords.byAuthor({ author: record.author })}`,
          ),
        ],
        ...(records.some((record) => record.withdrawn)
          ? [
              [
                formatsWords.state(),
                ...records.map((record) =>
                  record.withdrawn ? WITHDRAWN : formatsWords.stillThere(),
                ),
              ],
            ]
          : []),
        ...differences.map(({ path, values }) => [
          fieldName(kind, path),
          ...values.map((value, at) => (
            <strong key={at}>
              {fieldText(kind, path, { value, preferences }) || commonWords.empty()}
            </strong>
          )),
        ]),
      ]}
    />
  );
}
