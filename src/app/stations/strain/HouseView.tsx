import { Fragment, type ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { HOUSE_EVENTS } from '../../../core';
import type { LotFile } from '../../../model';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { freshHouseLog, houseLogEntry } from '../../forms/line/houseLogForm';
import { formatMoment } from '../../format/dates';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { Columns } from '../../ui/page/Columns';
import { LongList } from '../../ui/page/LongList';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { SheetSection } from '../../ui/page/SheetSection';
import { commonWords } from '../../words/english/common';
import { houseWords } from '../../words/english/house';
import { EVENT_NAMES } from '../../words/houseNames';
import { heldLots } from './houseActs';
import type { useHouseController } from './useHouseController';

const CAUTIONS: readonly (readonly [string, () => string])[] = [
  [houseWords.smokerTitle(), houseWords.smokerText],
  [houseWords.liftTitle(), houseWords.liftText],
  [houseWords.electricTitle(), houseWords.electricText],
  [houseWords.spinningTitle(), houseWords.spinningText],
  [houseWords.hygieneTitle(), houseWords.hygieneText],
  [houseWords.rulesTitle(), houseWords.rulesText],
];

const nameOf = ({ lot }: LotFile): string =>
  lot.content.name || commonWords.lot({ code: lot.content.code });

function LogFields({ files }: { files: readonly LotFile[] }): ReactElement {
  const what = useWatch({ name: 'what' }) as string;
  return (
    <>
      <Field
        of={houseLogEntry}
        at="what"
        choices={HOUSE_EVENTS.map((value) => ({ value, label: EVENT_NAMES[value] }))}
      />
      {what === 'glass' && (
        <>
          <p role="note" className="border-l-8 border-ink bg-lavender-pale px-3 py-2 text-lg">
            {houseWords.glassCaution()}
          </p>
          <Field
            of={houseLogEntry}
            at="lotIds"
            choices={files.map((file) => ({ value: file.lot.entityId, label: nameOf(file) }))}
          />
        </>
      )}
      <Fields of={houseLogEntry} at={['text', 'at', 'remark']} />
    </>
  );
}

/** What happened in the house, the latest first, and where people get hurt. */
export function HouseView(props: ReturnType<typeof useHouseController>): ReactElement {
  const { log, files, here, editing, now, preferences } = props;
  const { record } = editing;
  const heldNames = (ids: readonly string[]): string =>
    files
      .filter(({ lot }) => ids.includes(lot.entityId))
      .map(nameOf)
      .join(', ');
  return (
    <>
      <PageHead over={commonWords.extraction()} title={houseWords.title()} lead={houseWords.lead()}>
        <Button tone="ink" className="min-h-14" onClick={() => editing.add()}>
          {houseWords.add()}
        </Button>
        <PageLink to="comb/stung">{houseWords.stungLink()}</PageLink>
      </PageHead>
      <Columns share="main-first">
        <div>
          {log.length === 0 && <p className="text-lg">{houseWords.nothingYet()}</p>}
          <LongList items={log}>
            {(shown) => (
              <ul className="divide-y divide-thread border-y-2 border-ink">
                {shown.map((line) => {
                  const { what, at, text, lotIds, remark } = line.content;
                  return (
                    <li key={line.entityId} className="flex flex-wrap items-center gap-x-4 py-2">
                      <span className="grow basis-60">
                        <strong className="block text-lg">{EVENT_NAMES[what]}</strong>
                        <span className="block text-lg">{text}</span>
                        {remark !== '' && <span className="block text-base">{remark}</span>}
                        {lotIds.length > 0 && (
                          <span className="block text-base font-semibold">
                            {houseWords.heldNow({ lots: heldNames(lotIds) })}{' '}
                            {houseWords.released()}
                          </span>
                        )}
                        <span className="block text-base text-ink-soft">{formatMoment(at)}</span>
                      </span>
                      <Button tone="quiet" onClick={() => editing.edit(line)}>
                        {commonWords.change()}
                        <span className="sr-only"> {text}</span>
                      </Button>
                    </li>
                  );
                })}
              </ul>
            )}
          </LongList>
        </div>
        <SheetSection id="cautions" title={houseWords.cautions()}>
          <dl className="space-y-2 text-lg">
            {CAUTIONS.map(([title, text]) => (
              <Fragment key={title}>
                <dt className="font-bold">{title}</dt>
                <dd className="mb-2 text-base">{text()}</dd>
              </Fragment>
            ))}
          </dl>
        </SheetSection>
      </Columns>
      <EntrySheet
        {...editing}
        kind="house-log"
        what={houseWords.theEntry()}
        title={record ? EVENT_NAMES[record.content.what] : houseWords.add()}
        description={houseWords.addHelp()}
        formOf={houseLogEntry.fill(record?.content ?? freshHouseLog(now), preferences)}
        parse={(form) => houseLogEntry.read(form, preferences)}
        also={(scribe, content) => heldLots(scribe, content, files)}
      >
        <LogFields files={record ? files : here} />
      </EntrySheet>
    </>
  );
}
