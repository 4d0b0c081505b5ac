import {
  DEFAULT_FORMAT_ID,
  proposedSampleSize,
  systematicSample,
  type ShakeResult,
} from '../../core';
import {
  boxOf,
  colonyOf,
  strokeContentSchema,
  yardOf,
  yardOfBox,
  type Book,
  type Box,
  type Preferences,
  type StrokeContent,
} from '../../records';
import { FormReader, type Parsed } from './parsed';

/** Boxes of a yard, a hive or a stack as they are judged in one go. */
export interface StrokeForm {
  /** of which the boxes are shown; empty: all yards */
  yardId: string;
  /** boxes of the book that are judged */
  boxIds: string[];
  /** boxes that are not in the book */
  others: string;
  /** what those are called, or the whole */
  label: string;
  framesPerBox: string;
  /** of boxes that are not in the book */
  formatId: string;
  honeyTenths: string;
  cappedTenths: string;
  shake: ShakeResult;
  start: number;
  /** empty: as many as proposed */
  sample: string;
  /** capped tenths by place in the sample; empty: not looked at */
  looks: string[];
  act: StrokeContent['act'];
  remark: string;
}

export function freshStroke(start: number): StrokeForm {
  return {
    yardId: '',
    boxIds: [],
    others: '',
    label: '',
    framesPerBox: '10',
    formatId: DEFAULT_FORMAT_ID,
    honeyTenths: '9',
    cappedTenths: '',
    shake: 'not-done',
    start,
    sample: '',
    looks: [],
    act: 'take',
    remark: '',
  };
}

/** Boxes that can be judged: on a hive, or set aside in the yard asked for. */
export function boxesToJudge(book: Book, yardId: string): Box[] {
  return book.boxes.filter(
    (one) =>
      one.content.boxKind === 'box' &&
      one.content.offDay === null &&
      (yardId === '' ? one.content.colonyId !== null : yardOfBox(book, one)?.entityId === yardId),
  );
}

/** "Hive 3, upper box" */
export function boxName(book: Book, { content }: Box): string {
  const hive = colonyOf(book, content.colonyId)?.content.name;
  return hive === undefined ? content.label : `${hive}, ${content.label}`;
}

const othersIn = (form: StrokeForm, reader: FormReader): number =>
  form.others.trim() === '' ? 0 : reader.number('others', form.others);

/** How many frames there are in all, and how many of them to look at; null until both can be read. */
export function strokeSize(
  form: StrokeForm,
  preferences: Preferences,
): { frames: number; sampleSize: number } | null {
  const reader = new FormReader(preferences);
  const boxes = form.boxIds.length + othersIn(form, reader);
  const frames = boxes * reader.number('framesPerBox', form.framesPerBox);
  if (!(frames >= 1 && frames <= 80_000)) return null;
  const typed = form.sample.trim() === '' ? proposedSampleSize(frames) : Number(form.sample);
  return { frames, sampleSize: Math.max(1, Math.min(frames, Math.round(typed) || 1)) };
}

/** The yard that all chosen boxes are in, null for several or none. */
function commonYard(form: StrokeForm, book: Book): string | null {
  const yards = new Set(
    form.boxIds.map((one) => yardOfBox(book, boxOf(book, one))?.entityId ?? null),
  );
  if (form.boxIds.length === 0) return form.yardId === '' ? null : form.yardId;
  const [first = null] = yards;
  return yards.size === 1 ? first : null;
}

/** What was judged, where nobody gave it a name of its own. */
function usualLabel(form: StrokeForm, book: Book): string {
  const [first] = form.boxIds;
  const box = boxOf(book, first ?? null);
  if (form.boxIds.length === 1 && box) return boxName(book, box);
  const hives = new Set(form.boxIds.map((one) => boxOf(book, one)?.content.colonyId ?? null));
  const [hive = null] = hives;
  const name = hives.size === 1 ? colonyOf(book, hive)?.content.name : undefined;
  return name ?? yardOf(book, commonYard(form, book))?.content.name ?? '';
}

const scopeOf = (boxes: number, yardId: string | null): StrokeContent['scope'] =>
  boxes === 1 ? 'box' : yardId === null ? 'stack' : 'yard';

export function readStrokeForm(
  form: StrokeForm,
  preferences: Preferences,
  book: Book,
): Parsed<StrokeContent> {
  const reader = new FormReader(preferences);
  const size = strokeSize(form, preferences);
  const places = size ? systematicSample(size.frames, size.sampleSize, form.start) : [];
  if (form.cappedTenths === '') {
    reader.fail('cappedTenths', 'Say how many tenths are capped by the look of the whole.');
  }
  const others = othersIn(form, reader);
  const boxes = form.boxIds.length + others;
  if (boxes === 0) {
    reader.fail('boxIds', 'Tick the boxes that you judge, or say how many others there are.');
  }
  const yardId = commonYard(form, book);
  const { formatId, shake, start, act, remark } = form;
  const candidate = {
    scope: scopeOf(boxes, yardId),
    label: form.label.trim() === '' ? usualLabel(form, book) : form.label,
    yardId,
    boxIds: form.boxIds,
    boxes: Math.max(1, boxes),
    framesPerBox: reader.number('framesPerBox', form.framesPerBox),
    formatId,
    honeyTenths: Number(form.honeyTenths),
    cappedTenths: Number(form.cappedTenths),
    shake,
    start,
    sampleSize: size?.sampleSize ?? 1,
    looks: places.flatMap((position, at) => {
      const tenths = form.looks[at] ?? '';
      return tenths === '' ? [] : [{ position, cappedTenths: Number(tenths) }];
    }),
    act,
    remark,
  };
  return reader.finish(strokeContentSchema, candidate, (path) =>
    path === 'boxes' ? 'others' : path,
  );
}
