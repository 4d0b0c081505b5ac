import { type LotFile } from '../../../model';
import {
  firstRevision,
  freshLotContent,
  nextRevision,
  type AnyRecord,
  type Blend,
  type BlendContent,
  type LotContent,
  type Scribe,
} from '../../../records';
import { nextCode } from '../../forms/lots/lotCode';
import { isoToday } from '../../format/dates';
import { blendWords } from '../../words/english/blend';

type Tank = BlendContent['tanks'][number];

const same = <T>(values: readonly T[]): T | null =>
  values.length > 0 && values.every((value) => value === values[0]) ? values[0]! : null;

const joined = (texts: readonly string[], between: string): string =>
  [...new Set(texts.filter((text) => text !== ''))].join(between);

/** A tank as it was poured. */
export interface PouredTank {
  /** place of the tank in its blend */
  readonly at: number;
  /** what is in it */
  readonly pouredKg: number;
  /** lots whose honey is in it */
  readonly fromLotIds: readonly string[];
  readonly files: readonly LotFile[];
}

/** The lot of a tank, in the name of its parents. */
function blendedLot(
  tank: Tank,
  blend: BlendContent,
  { fromLotIds, files }: PouredTank,
): LotContent {
  const parents = files.filter((file) => fromLotIds.includes(file.lot.entityId));
  const contents = parents.map((parent) => parent.lot.content);
  const [first] = contents;
  const codes = files.map((file) => file.lot.content.code);
  return {
    ...freshLotContent(nextCode(isoToday(), codes), isoToday()),
    name: `${blend.name}, ${tank.label}`,
    plant: joined(
      contents.map((content) => content.plant),
      ', ',
    ).slice(0, 80),
    origin: joined(
      contents.map((content) => content.origin),
      '; ',
    ).slice(0, 200),
    honeyKind: same(contents.map((content) => content.honeyKind)) ?? 'ordinary',
    category: same(contents.map((content) => content.category)) ?? 'blend',
    ruleSetId:
      same(contents.map((content) => content.ruleSetId)) ??
      first?.ruleSetId ??
      freshLotContent('', '').ruleSetId,
    targetPercent: blend.targetPercent,
    storageTemperatureC: same(contents.map((content) => content.storageTemperatureC)),
    remark: blendWords.blendedFrom({
      contents: contents.map((content) => content.code).join(', '),
    }),
  };
}

/** The records that make a tank a lot of its own: the lot, its tank, and the blend that knows it. */
export function blendedLotRecords(scribe: Scribe, blend: Blend, poured: PouredTank): AnyRecord[] {
  const { at, pouredKg } = poured;
  const tank = blend.content.tanks[at]!;
  const lot = firstRevision(scribe, 'lot', blendedLot(tank, blend.content, poured));
  const container = firstRevision(
    scribe,
    'container',
    {
      containerKind: 'tank',
      label: tank.label,
      count: 1,
      amount: { by: 'mass', massKg: Math.max(0.01, pouredKg), plusMinusKg: 0.1 },
      suspects: [],
    },
    lot.entityId,
  );
  const tanks = blend.content.tanks.map((item, place) =>
    place === at ? { ...item, lotId: lot.entityId } : item,
  );
  const content = { ...blend.content, tanks };
  return [
    lot,
    container,
    nextRevision(scribe, blend, { content, reason: blendWords.pouredItsLotIsRecorded() }),
  ];
}
