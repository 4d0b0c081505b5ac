import { useMemo, type ReactElement } from 'react';
import type { Book } from '../../../../model';
import type { Harvest } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { isoDay } from '../../../format/dates';
import { freshHarvest, harvestEntry } from '../../../forms/hives/harvestForm';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { HarvestFields } from './HarvestFields';

interface HarvestSheetProps {
  book: Book;
  harvest: Harvest | null;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  onKept?: (harvestId: string) => void;
}

/** Starts a day at the hives, or changes what is said of one. */
export function HarvestSheet(props: HarvestSheetProps): ReactElement {
  const { book, harvest, ...sheet } = props;
  const preferences = useAppSelector(selectPreferences);
  const formOf = useMemo(
    () =>
      harvest
        ? harvestEntry.fill(harvest.content, preferences)
        : freshHarvest(isoDay(new Date()), preferences),
    [harvest, preferences],
  );
  return (
    <EntrySheet
      {...sheet}
      kind="harvest"
      record={harvest}
      what={harvest ? 'this day' : 'the day'}
      title={harvest ? 'The day' : 'A day at the hives'}
      description="The school, the flow and how bees are cleared. Everything judged on this day hangs on it."
      formOf={formOf}
      parse={(form) => harvestEntry.read(form, preferences)}
    >
      <HarvestFields book={book} />
    </EntrySheet>
  );
}
