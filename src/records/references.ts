import { OWNER_KINDS, type AnyRecord, type RecordKind } from './record';
import { vesselRefOf } from './vesselRef';

/** What a record refers to besides its owner: where in it, which entity, of which kind. */
interface Reference {
  readonly path: string;
  readonly id: string | null;
  readonly kind: RecordKind;
}

const each = (path: string, ids: readonly string[], kind: RecordKind): Reference[] =>
  ids.map((id, at) => ({ path: `${path}[${at}]`, id, kind }));

/** Containers that a plan names, each once. */
const plannedContainers = (plannedIds: readonly (readonly string[])[]): string[] => [
  ...new Set(plannedIds.flat().map((one) => vesselRefOf(one).containerId ?? one)),
];

/** All entities that a record refers to. */
function referencesOf(record: AnyRecord): Reference[] {
  switch (record.kind) {
    case 'reading':
      return [
        { path: 'containerId', id: record.content.containerId, kind: 'container' },
        { path: 'instrumentId', id: record.content.instrumentId, kind: 'instrument' },
      ];
    case 'colour':
      return [{ path: 'containerId', id: record.content.containerId, kind: 'container' }];
    case 'sampling-plan':
      return each('plannedIds', plannedContainers(record.content.plannedIds), 'container');
    case 'colony':
      return [{ path: 'yardId', id: record.content.yardId, kind: 'yard' }];
    case 'box':
      return [
        { path: 'yardId', id: record.content.yardId, kind: 'yard' },
        { path: 'colonyId', id: record.content.colonyId, kind: 'colony' },
      ];
    case 'frame':
      return [
        { path: 'boxId', id: record.content.boxId, kind: 'box' },
        { path: 'hiveId', id: record.content.hiveId, kind: 'colony' },
      ];
    case 'frame-check':
      return [
        { path: 'harvestId', id: record.content.harvestId, kind: 'harvest' },
        { path: 'frameId', id: record.content.frameId, kind: 'frame' },
        { path: 'boxId', id: record.content.boxId, kind: 'box' },
      ];
    case 'photo':
      return [
        { path: 'frameId', id: record.content.frameId, kind: 'frame' },
        { path: 'harvestId', id: record.content.harvestId, kind: 'harvest' },
      ];
    case 'flow':
      return each('yardIds', record.content.yardIds, 'yard');
    case 'given':
      return each('colonyIds', record.content.colonyIds, 'colony');
    case 'harvest':
      return [{ path: 'flowId', id: record.content.flowId, kind: 'flow' }];
    case 'stroke':
      return [{ path: 'yardId', id: record.content.yardId, kind: 'yard' }];
    case 'lot-frames':
      return [{ path: 'harvestId', id: record.content.harvestId, kind: 'harvest' }];
    case 'batch':
      return each('lotIds', record.content.lotIds, 'lot');
    case 'extraction':
      return [{ path: 'lotId', id: record.content.lotId, kind: 'lot' }];
    case 'store-move':
      return [{ path: 'containerId', id: record.content.containerId, kind: 'container' }];
    case 'packing':
      return each(
        'from',
        record.content.from.map((one) => one.containerId),
        'container',
      );
    case 'jar-move':
      return [{ path: 'packingId', id: record.content.packingId, kind: 'packing' }];
    case 'blend':
      return record.content.tanks.flatMap(({ lotId, pours }, at) => [
        { path: `tanks[${at}].lotId`, id: lotId, kind: 'lot' as const },
        ...each(
          `tanks[${at}].pours`,
          pours.map((one) => one.lotId),
          'lot',
        ),
      ]);
    case 'season-note':
      return [{ path: 'yardId', id: record.content.yardId, kind: 'yard' }];
    case 'lot':
    case 'container':
    case 'comb-judgement':
    case 'ruling':
    case 'yard':
    case 'tally':
    case 'guess':
    case 'school':
    case 'rule-set':
    case 'format':
    case 'instrument':
    case 'zero-check':
    case 'senses':
    case 'lab-report':
    case 'proof':
    case 'warm-room':
    case 'batch-check':
    case 'air-log':
    case 'line-tick':
    case 'pour':
    case 'frame-weighing':
    case 'chore':
    case 'uncapping-tool':
    case 'stock':
    case 'settling':
    case 'heat-spell':
    case 'weighing':
    case 'circumstances':
    case 'piece':
    case 'blend-tick':
    case 'label-design':
    case 'merge-choice':
      return [];
  }
}

/** Something wrong with how revisions refer to each other. */
export interface BrokenReference {
  readonly path: string;
  readonly message: string;
}

function ownerTrouble(record: AnyRecord, owner: AnyRecord | undefined): string | null {
  const kind = OWNER_KINDS[record.kind];
  if (kind === null) {
    return record.ownerId === record.entityId ? null : `a ${record.kind} belongs to itself`;
  }
  return owner?.kind === kind ? null : `its ${kind} is not in the file`;
}

function chainTrouble(record: AnyRecord, former: AnyRecord | undefined): string | null {
  if (record.supersedes === null) return null;
  if (!former) return 'the revision it replaces is not in the file';
  return former.entityId === record.entityId && former.kind === record.kind
    ? null
    : 'it replaces a revision of something else';
}

/** What is wrong with how the revisions of a file refer to each other. */
export function brokenReferences(records: readonly AnyRecord[]): BrokenReference[] {
  const ids = new Map(records.map((one) => [one.id, one]));
  const entities = new Map(records.map((one) => [one.entityId, one]));
  const seen = new Set<string>();
  return records.flatMap((record, at) => {
    const found: BrokenReference[] = [];
    const say = (field: string, message: string | null): void => {
      if (message !== null) found.push({ path: `records[${at}].${field}`, message });
    };
    say('id', seen.has(record.id) ? 'this identifier stands twice in the file' : null);
    seen.add(record.id);
    say('ownerId', ownerTrouble(record, entities.get(record.ownerId)));
    say('supersedes', chainTrouble(record, ids.get(record.supersedes ?? '')));
    for (const { path, id, kind } of referencesOf(record)) {
      if (id === null) continue;
      const named = entities.get(id);
      const foreign = kind === 'container' && named?.ownerId !== record.ownerId;
      say(
        `content.${path}`,
        named?.kind === kind && !foreign ? null : `its ${kind} is not in the file`,
      );
    }
    return found;
  });
}
