import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { boxOf, heldBoxes, surveyParts, type Book, type HarvestDay } from '../../../../model';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import {
  boxName,
  boxesToJudge,
  surveyForm,
  type SurveyForm,
} from '../../../forms/hives/surveyForm';
import { Button } from '../../../ui/Button';
import { ErrorOf } from '../../../ui/fields/ErrorOf';
import { combWords } from '../../../words/english/comb';
import { tell } from '../../../words/tell';

/** Boxes among the ticked ones that stay where they are, each with its reason. */
function HeldBoxes({ day, boxIds }: { day: HarvestDay; boxIds: string[] }): ReactElement | null {
  const { book, harvest } = day;
  if (boxIds.length === 0) return null;
  const held = heldBoxes(
    surveyParts(
      {
        id: 'asked',
        content: {
          scope: 'stack',
          label: combWords.asked(),
          yardId: null,
          boxIds,
          boxes: boxIds.length,
          framesPerBox: 1,
          formatId: '',
          honeyTenths: 10,
          cappedTenths: 10,
          shake: 'not-done',
          start: 0,
          sampleSize: 1,
          looks: [],
          act: 'take',
          remark: '',
        },
      },
      { book, day: harvest.content.day },
    ),
  );
  const suspect = boxIds.flatMap((id) => suspectName(book, id));
  if (held.length === 0 && suspect.length === 0) return null;
  return (
    <div role="note" className="border-l-8 border-ink pl-3 text-base">
      {held.length > 0 && (
        <>
          <p className="font-semibold">{combWords.theseStayOnTheHive()}</p>
          <ul className="list-disc pl-5">
            {held.map(({ box, because }) => (
              <li key={box.entityId}>
                <strong>{boxName(book, box)}.</strong> {because && tell(because)}
              </li>
            ))}
          </ul>
          <p>{combWords.toTakeOneAnywayJudge()}</p>
        </>
      )}
      {suspect.length > 0 && (
        <p>{combWords.suspectedOfDiseaseGiveIts({ value: [...new Set(suspect)].join(', ') })}</p>
      )}
    </div>
  );
}

function suspectName(book: Book, boxId: string): string[] {
  const colony = boxOf(book, boxId)?.content.colonyId;
  const found = book.colonies.find((item) => item.entityId === colony);
  return found?.content.health === 'suspect' ? [found.content.name] : [];
}

/** Which boxes are judged: those of the book, ticked off; others only as a number. */
export function SurveyBoxes({ day }: { day: HarvestDay }): ReactElement {
  const { book } = day;
  const { watch, setValue } = useFormContext<SurveyForm>();
  const [yardId, boxIds, others] = watch(['yardId', 'boxIds', 'others']);
  const boxes = boxesToJudge(book, yardId);
  const honey = boxes.filter((box) => box.content.role === 'honey');
  const choose = (ids: string[]): void => {
    setValue('boxIds', ids, { shouldDirty: true });
    const first = boxOf(book, ids[0] ?? null);
    if (first) setValue('framesPerBox', String(first.content.slots));
  };
  return (
    <div className="space-y-5">
      {book.yards.length > 0 && (
        <Field
          of={surveyForm}
          at="yardId"
          choices={[
            { value: '', label: combWords.allYards() },
            ...book.yards.map((yard) => ({ value: yard.entityId, label: yard.content.name })),
          ]}
        />
      )}
      {boxes.length > 0 && (
        <div>
          <Field
            of={surveyForm}
            at="boxIds"
            choices={boxes.map((box) => ({
              value: box.entityId,
              label: `${boxName(book, box)}${box.content.role === 'brood' ? combWords.brood() : ''}`,
            }))}
          />
          <div className="mt-2 flex flex-wrap gap-3">
            <Button tone="quiet" onClick={() => choose(honey.map((item) => item.entityId))}>
              {combWords.tickAllHoneyBoxes({ honey: honey.length })}
            </Button>
            {boxIds.length > 0 && (
              <Button tone="quiet" onClick={() => choose([])}>
                {combWords.untickAll()}
              </Button>
            )}
          </div>
        </div>
      )}
      <ErrorOf name="boxIds" />
      <HeldBoxes day={day} boxIds={boxIds} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={surveyForm} at={['others', 'framesPerBox']} />
        <Field
          of={surveyForm}
          at="label"
          hint={boxIds.length > 0 ? combWords.itsYardOrHiveIf() : undefined}
        />
        {others.trim() !== '' && (
          <Field
            of={surveyForm}
            at="formatId"
            choices={book.formats.map((format) => ({ value: format.id, label: format.name }))}
          />
        )}
      </div>
    </div>
  );
}
