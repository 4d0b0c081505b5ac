import { useMemo, type ReactElement } from 'react';
import type { Book } from '../../../../model';
import type { Harvest } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { isoToday } from '../../../format/dates';
import { freshHarvest, harvestEntry } from '../../../forms/hives/harvestForm';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { HarvestFields } from './HarvestFields';
import { combWords } from '../../../words/english/comb';

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
        : freshHarvest(isoToday(), preferences),
    [harvest, preferences],
  );
  return (
    <EntrySheet
      {...sheet}
      kind="harvest"
      record={harvest}
      what={harvest ? combWords.thisDay() : combWords.theDay()}
      title={harvest ? combWords.theDayHeading() : combWords.aDayAtTheHives()}
      description={combWords.yourRuleTheFlowAnd()}
      formOf={formOf}
      parse={(form) => harvestEntry.read(form, preferences)}
    >
      <HarvestFields book={book} />
    </EntrySheet>
  );
}
