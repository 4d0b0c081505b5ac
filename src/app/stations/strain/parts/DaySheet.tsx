import { useMemo, type ReactElement } from 'react';
import { USUAL_DAY, nextStart, type HoneyHouse } from '../../../../model';
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
    const line = last ? { ...last, remark: '', lotId: null } : USUAL_DAY;
    const at = new Date(now);
    const startMin = nextStart(line.startMin, 60 * at.getHours() + at.getMinutes());
    const name = lineWords.extractionNumber({ number: house.days.length + 1 });
    return dayEntry.fill({ ...line, name, startMin, day: isoDay(at) }, preferences);
  }, [record, last, house, preferences, now]);
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
      <DayFields tools={house.tools} began={record ? null : formOf} />
    </EntrySheet>
  );
}
