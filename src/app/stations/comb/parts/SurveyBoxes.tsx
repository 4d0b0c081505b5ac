import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { boxOf, heldBoxes, surveyParts, type Book, type HarvestDay } from '../../../../model';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import {
  boxName,
  boxesToJudge,
  honeyBoxesOf,
  surveyForm,
  type SurveyForm,
} from '../../../forms/hives/surveyForm';
import { Button } from '../../../ui/Button';
import { ErrorOf } from '../../../ui/fields/ErrorOf';
import { FieldFold } from '../../../ui/forms/FieldFold';
import type { Box } from '../../../../records';
import { Pick } from '../../../ui/fields/Pick';
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

const ALL = 'all';

/** All honey boxes of a yard at one tap; those of every yard where there are several. */
function YardPick({
  book,
  onPick,
}: {
  book: Book;
  onPick: (yardId: string) => void;
}): ReactElement | null {
  const { watch } = useFormContext<SurveyForm>();
  const [yardId, boxIds] = watch(['yardId', 'boxIds']);
  const choiceOf = (value: string, name: string) => ({
    value,
    label: combWords.yardWithBoxes({ name, boxes: honeyBoxes(book, value).length }),
  });
  const yards = book.yards
    .filter(({ entityId }) => honeyBoxes(book, entityId).length > 0)
    .map(({ entityId, content }) => choiceOf(entityId, content.name));
  if (yards.length === 0) return null;
  return (
    <Pick
      label={combWords.whichYard()}
      value={boxIds.length === 0 ? '' : yardId || ALL}
      choices={yards.length > 1 ? [...yards, choiceOf(ALL, combWords.allYards())] : yards}
      columns={2}
      onPick={onPick}
    />
  );
}

const honeyBoxes = (book: Book, yard: string): Box[] =>
  honeyBoxesOf(book, yard === ALL ? '' : yard);

/** What is seldom other than usual: single boxes, boxes that no record knows, frames in each. */
function BoxDetails({
  day,
  choose,
}: {
  day: HarvestDay;
  choose: (boxes: Box[]) => void;
}): ReactElement {
  const { book } = day;
  const { watch, setValue } = useFormContext<SurveyForm>();
  const [yardId, boxIds, others] = watch(['yardId', 'boxIds', 'others']);
  const boxes = boxesToJudge(book, yardId);
  const honey = honeyBoxesOf(book, yardId);
  return (
    <div className="space-y-5">
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
            <Button tone="quiet" onClick={() => choose(honey)}>
              {combWords.tickAllHoneyBoxes({ honey: honey.length })}
            </Button>
            {boxIds.length > 0 && (
              <Button tone="quiet" onClick={() => setValue('boxIds', [], { shouldDirty: true })}>
                {combWords.untickAll()}
              </Button>
            )}
          </div>
        </div>
      )}
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

/** Which boxes are judged: a yard at a tap; single boxes, and those that no record knows, folded. */
export function SurveyBoxes({ day }: { day: HarvestDay }): ReactElement {
  const { book } = day;
  const { watch, setValue } = useFormContext<SurveyForm>();
  const [boxIds, framesPerBox] = watch(['boxIds', 'framesPerBox']);
  const choose = (boxes: Box[]): void => {
    setValue(
      'boxIds',
      boxes.map((box) => box.entityId),
      { shouldDirty: true },
    );
    if (boxes[0]) setValue('framesPerBox', String(boxes[0].content.slots));
  };
  const pick = (yard: string): void => {
    setValue('yardId', yard === ALL ? '' : yard, { shouldDirty: true });
    choose(honeyBoxes(book, yard));
  };
  return (
    <div className="space-y-3">
      <YardPick book={book} onPick={pick} />
      <ErrorOf name="boxIds" />
      <HeldBoxes day={day} boxIds={boxIds} />
      <FieldFold
        title={combWords.boxesAndFrames({ boxes: boxIds.length, framesPerBox })}
        fields={['others', 'framesPerBox', 'label', 'formatId']}
        open={boxesToJudge(book, '').length === 0}
      >
        <BoxDetails day={day} choose={choose} />
      </FieldFold>
    </div>
  );
}
