import { useMemo, type ReactElement } from 'react';
import { USUAL_DAY, type HoneyHouse } from '../../../../model';
import { type Extraction } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { dayEntry, readDayForm } from '../../../forms/line/extractionForm';
import { isoDay } from '../../../format/dates';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { DayFields } from './DayFields';
import { lineWords } from '../../../words/english/line';

interface DaySheetProps {
  open: boolean;
  record: Extraction | null;
  house: HoneyHouse;
  onClose: () => void;
  onKept?: (entityId: string) => void;
}

/** Plans a day, or changes one. A new one begins with the line of the last. */
export function DaySheet({ open, record, house, onClose, onKept }: DaySheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const last = house.days[0]?.extraction.content;
  const formOf = useMemo(() => {
    if (record) return dayEntry.fill(record.content, preferences);
    const line = last ? { ...last, name: '', remark: '', lotId: null } : USUAL_DAY;
    const day = isoDay(new Date(now));
    return dayEntry.fill({ ...line, day }, preferences);
  }, [record, last, preferences, now]);
  return (
    <EntrySheet
      open={open}
      onOpenChange={(is) => !is && onClose()}
      kind="extraction"
      record={record}
      what={lineWords.theDay()}
      title={record ? record.content.name : lineWords.planADay()}
      description={lineWords.framesAndPeopleAreEnough()}
      formOf={formOf}
      parse={(form) => readDayForm(form, preferences, record?.content ?? null)}
      {...(onKept && { onKept })}
    >
      <DayFields tools={house.tools} />
    </EntrySheet>
  );
}
