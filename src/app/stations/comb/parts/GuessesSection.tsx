import { useMemo, useState, type ReactElement } from 'react';
import { bestGuesses } from '../../../../core';
import { vesselsOf, type LotFile, type HarvestDay } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Fields } from '../../../entry/Fields';
import { guessEntry } from '../../../forms/hives/guessForm';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useLots } from '../../../data/useWorkspaceModel';
import { combWords } from '../../../words/english/comb';

/** What the lots of a day weighed in all; null while some of it has not been weighed. */
function weighedKg(files: readonly LotFile[], harvestId: string): number | null {
  const vessels = files
    .filter((file) => file.frames?.content.harvestId === harvestId)
    .flatMap((file) => vesselsOf(file.containers));
  const known = vessels.flatMap((vessel) => (vessel.massKg === null ? [] : [vessel.massKg]));
  if (known.length === 0 || known.length < vessels.length) return null;
  return known.reduce((sum, value) => sum + value, 0);
}

/** Guesses of the crop, made before it is weighed. */
export function GuessesSection({ day }: { day: HarvestDay }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [guessing, setGuessing] = useState(false);
  const lots = useLots();
  const { guesses } = day.file;
  const { entityId: harvestId } = day.harvest;
  const weighed = useMemo(() => weighedKg(lots, harvestId), [lots, harvestId]);
  const best =
    weighed === null
      ? null
      : bestGuesses(
          guesses.map((guess) => ({ id: guess.entityId, kg: guess.content.kg })),
          weighed,
        );
  const say = (kg: number): string => formatQuantity(kg, 'mass', preferences, 0);
  return (
    <SheetSection
      id="guesses"
      title={combWords.guesses()}
      aside={
        weighed === null && (
          <Button className="min-h-14" onClick={() => setGuessing(true)}>
            {combWords.guessTheCrop()}
          </Button>
        )
      }
    >
      <p className="text-lg">
        {weighed === null
          ? combWords.guessBeforeTheWeighIn()
          : combWords.weighed({ weighed: say(weighed) })}
      </p>
      <ul className="divide-y divide-thread">
        {guesses.map(({ entityId, content }) => (
          <li key={entityId} className="flex min-h-11 items-center gap-4 text-lg">
            <span className="w-20 text-right text-xl font-bold">{say(content.kg)}</span>
            <span>{content.who}</span>
            {best?.closest.includes(entityId) && <strong>{combWords.closest()}</strong>}
            {best?.closestWithoutGoingOver.includes(entityId) && (
              <strong>{combWords.closestWithoutGoingOver()}</strong>
            )}
          </li>
        ))}
      </ul>
      <EntrySheet
        open={guessing}
        onOpenChange={setGuessing}
        kind="guess"
        record={null}
        ownerId={harvestId}
        what={combWords.theGuess()}
        title={combWords.guessTheCrop()}
        description={combWords.theClosestWinsAndSo()}
        formOf={guessEntry.fill({}, preferences)}
        parse={(form) => guessEntry.read(form, preferences)}
      >
        <Fields of={guessEntry} at={['who', 'kg']} />
      </EntrySheet>
    </SheetSection>
  );
}
