import { DEFAULT_FORMAT_ID, proposedSampleSize, systematicSample } from '../../../core';
import { boxOf, colonyOf, yardOf, yardOfBox, type Book } from '../../../model';
import {
  surveyContentSchema,
  type Box,
  type Preferences,
  type SurveyContent,
} from '../../../records';
import type { Codec, FormOf, ValuesOf } from '../../entry/codec';
import { several, asIs, choice, number, oneOf, optional, words } from '../../entry/codecs';
import { finish, formOf } from '../../entry/entry';
import { list } from '../../entry/groups';
import { Reader, type Parsed } from '../../entry/reader';
import { SHAKE_NAMES, TENTHS, tenths } from '../lots/combForm';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

const ACT_NAMES: Readonly<Record<SurveyContent['act'], string>> = {
  take: hiveFormWords.take(),
  'take-to-dry': hiveFormWords.takeToDry(),
  'put-back': hiveFormWords.putBack(),
  leave: hiveFormWords.leave(),
};

const HONEY_TENTHS = TENTHS.slice(1);
const LOOK_NAMES = [
  { value: '', label: hiveFormWords.notYet() },
  ...TENTHS.map((value) => ({ value, label: hiveFormWords.tenths({ value }) })),
];

/** Capped tenths of a frame looked at closely; null where nobody did. */
const look: Codec<number | null, string> = {
  ...optional(tenths('')),
  look: { as: 'select', label: '', choices: LOOK_NAMES },
};

/** Boxes of a yard, a hive or a stack, judged in one go. */
export const surveyForm = formOf({
  /** of which the boxes are shown; empty: all yards */
  yardId: oneOf(hiveFormWords.yard(), ''),
  boxIds: several(hiveFormWords.boxesYouAreJudging()),
  others: optional(
    number(hiveFormWords.otherBoxesNotInYour(), {
      digits: 0,
      hint: hiveFormWords.theLotWillAskWhether(),
    }),
  ),
  label: words(hiveFormWords.name(), { placeholder: hiveFormWords.moorYardUpperRow() }),
  framesPerBox: number(hiveFormWords.framesInEach(), { digits: 0 }),
  formatId: oneOf(hiveFormWords.frameSizeOfThoseBoxes(), DEFAULT_FORMAT_ID),
  honeyTenths: tenths(hiveFormWords.howMuchOfTheComb(), '', HONEY_TENTHS),
  cappedTenths: optional(tenths(hiveFormWords.cappedOverallByEye())),
  shake: choice(hiveFormWords.shakeTestOfAFew(), SHAKE_NAMES),
  start: asIs(0),
  /** null: as many as proposed */
  sample: optional(
    number(hiveFormWords.framesToLookAtClosely(), {
      digits: 0,
      hint: hiveFormWords.fixTheNumberBeforeYou(),
    }),
  ),
  /** by place in the sample */
  looks: list(look),
  act: choice(hiveFormWords.whatYouDoWithAll(), ACT_NAMES),
  remark: words(commonWords.remark()),
});
export type SurveyForm = FormOf<typeof surveyForm.fields>;
type SurveyValues = ValuesOf<typeof surveyForm.fields>;

export const freshSurvey = (start: number, preferences: Preferences): SurveyForm =>
  surveyForm.fill({ framesPerBox: 10, honeyTenths: 9, start }, preferences);

/** Boxes that can be judged: on a hive, or set aside in the yard asked for. */
export function boxesToJudge(book: Book, yardId: string): Box[] {
  return book.boxes.filter(
    (box) =>
      box.content.boxKind === 'box' &&
      box.content.offDay === null &&
      (yardId === '' ? box.content.colonyId !== null : yardOfBox(book, box)?.entityId === yardId),
  );
}

/** Honey boxes that may be judged or taken; of all yards where none is named. */
export const honeyBoxesOf = (book: Book, yardId: string): Box[] =>
  boxesToJudge(book, yardId).filter((box) => box.content.role === 'honey');

/** "Hive 3, upper box" */
export function boxName(book: Book, { content }: Box): string {
  const hive = colonyOf(book, content.colonyId)?.content.name;
  return hive === undefined ? content.label : `${hive}, ${content.label}`;
}

type Size = { readonly frames: number; readonly sampleSize: number };

function sizeOf({ boxIds, others, framesPerBox, sample }: SurveyValues): Size | null {
  const frames = (boxIds.length + (others ?? 0)) * framesPerBox;
  if (!(frames >= 1 && frames <= 80_000)) return null;
  const asked = sample ?? proposedSampleSize(frames);
  return { frames, sampleSize: Math.max(1, Math.min(frames, Math.round(asked) || 1)) };
}

/** How many frames there are in all, and how many of them to look at; null until both can be read. */
export const surveySize = (form: SurveyForm, preferences: Preferences): Size | null =>
  sizeOf(surveyForm.values(form, new Reader(preferences)));

/** The yard that all chosen boxes are in, null for several or none. */
function commonYard(form: SurveyValues, book: Book): string | null {
  const yards = new Set(
    form.boxIds.map((boxId) => yardOfBox(book, boxOf(book, boxId))?.entityId ?? null),
  );
  if (form.boxIds.length === 0) return form.yardId === '' ? null : form.yardId;
  const [first = null] = yards;
  return yards.size === 1 ? first : null;
}

/** What was judged, where nobody gave it a name of its own. */
function usualLabel(form: SurveyValues, book: Book): string {
  const [first] = form.boxIds;
  const box = boxOf(book, first ?? null);
  if (form.boxIds.length === 1 && box) return boxName(book, box);
  const hives = new Set(form.boxIds.map((boxId) => boxOf(book, boxId)?.content.colonyId ?? null));
  const [hive = null] = hives;
  const name = hives.size === 1 ? colonyOf(book, hive)?.content.name : undefined;
  return name ?? yardOf(book, commonYard(form, book))?.content.name ?? '';
}

const scopeOf = (boxes: number, yardId: string | null): SurveyContent['scope'] =>
  boxes === 1 ? 'box' : yardId === null ? 'stack' : 'yard';

export function readSurveyForm(
  form: SurveyForm,
  preferences: Preferences,
  book: Book,
): Parsed<SurveyContent> {
  const reader = new Reader(preferences);
  const said = surveyForm.values(form, reader);
  const size = sizeOf(said);
  const places = size ? systematicSample(size.frames, size.sampleSize, said.start) : [];
  if (said.cappedTenths === null) {
    reader.at('cappedTenths').fail(hiveFormWords.chooseHowMuchIsCapped());
  }
  const boxes = said.boxIds.length + (said.others ?? 0);
  if (boxes === 0) {
    reader.at('boxIds').fail(hiveFormWords.tickTheBoxesYouAre());
  }
  const yardId = commonYard(said, book);
  const candidate = {
    ...said,
    scope: scopeOf(boxes, yardId),
    label: said.label.trim() === '' ? usualLabel(said, book) : said.label,
    yardId,
    boxes: Math.max(1, boxes),
    cappedTenths: said.cappedTenths ?? 0,
    sampleSize: size?.sampleSize ?? 1,
    looks: places.flatMap((position, at) => {
      const cappedTenths = said.looks[at] ?? null;
      return cappedTenths === null ? [] : [{ position, cappedTenths }];
    }),
  };
  return finish(reader, surveyContentSchema, candidate, {
    at: (path) => (path === 'boxes' ? 'others' : path),
  });
}
