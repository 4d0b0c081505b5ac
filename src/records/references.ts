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
      return [
        { path: 'yardId', id: record.content.yardId, kind: 'yard' },
        ...each('boxIds', record.content.boxIds ?? [], 'box'),
      ];
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
    case 'call-back':
      return [{ path: 'jarMoveId', id: record.content.jarMoveId, kind: 'jar-move' }];
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
  /** true: a former version is missing, but this one says everything by itself */
  readonly gap?: true;
}

/** Where the revisions and entities are found that others refer to. */
export interface Referred {
  revision(id: string): Pick<AnyRecord, 'entityId' | 'kind'> | undefined;
  entity(id: string): Pick<AnyRecord, 'kind' | 'ownerId'> | undefined;
}

function ownerTrouble(record: AnyRecord, owner: Pick<AnyRecord, 'kind'> | undefined) {
  const kind = OWNER_KINDS[record.kind];
  if (kind === null) {
    return record.ownerId === record.entityId ? null : `a ${record.kind} belongs to itself`;
  }
  return owner?.kind === kind ? null : `its ${kind} is not there`;
}

/** What is wrong with what one record refers to. */
export function referenceTroubles(record: AnyRecord, referred: Referred): BrokenReference[] {
  const found: BrokenReference[] = [];
  const say = (path: string, message: string | null): void => {
    if (message !== null) found.push({ path, message });
  };
  say('ownerId', ownerTrouble(record, referred.entity(record.ownerId)));
  if (record.supersedes !== null) {
    const former = referred.revision(record.supersedes);
    const path = 'supersedes';
    if (!former) found.push({ path, message: 'the version it replaces is not there', gap: true });
    else if (former.entityId !== record.entityId || former.kind !== record.kind) {
      say(path, 'it replaces a version of something else');
    }
  }
  for (const { path, id, kind } of referencesOf(record)) {
    if (id === null) continue;
    const named = referred.entity(id);
    const foreign = kind === 'container' && named?.ownerId !== record.ownerId;
    say(`content.${path}`, named?.kind === kind && !foreign ? null : `its ${kind} is not there`);
  }
  return found;
}

/** All ids that some records refer to: revisions by kind, entities by the kind they are to be of. */
export function referredIds(records: readonly AnyRecord[]): {
  readonly revisions: ReadonlyMap<RecordKind, ReadonlySet<string>>;
  readonly entities: ReadonlyMap<RecordKind, ReadonlySet<string>>;
} {
  const revisions = new Map<RecordKind, Set<string>>();
  const entities = new Map<RecordKind, Set<string>>();
  const note = (into: Map<RecordKind, Set<string>>, kind: RecordKind, id: string | null): void => {
    if (id === null) return;
    const known = into.get(kind);
    if (known) known.add(id);
    else into.set(kind, new Set([id]));
  };
  for (const record of records) {
    note(revisions, record.kind, record.supersedes);
    const owner = OWNER_KINDS[record.kind];
    if (owner !== null) note(entities, owner, record.ownerId);
    for (const { id, kind } of referencesOf(record)) note(entities, kind, id);
  }
  return { revisions, entities };
}

/** Looks references up among some records. */
export function referredIn(records: readonly AnyRecord[]): Referred {
  const ids = new Map(records.map((one) => [one.id, one]));
  const entities = new Map(records.map((one) => [one.entityId, one]));
  return { revision: (id) => ids.get(id), entity: (id) => entities.get(id) };
}

/** What is wrong with how the revisions of a file refer to each other. */
export function brokenReferences(records: readonly AnyRecord[]): BrokenReference[] {
  const referred = referredIn(records);
  const seen = new Set<string>();
  return records.flatMap((record, at) => {
    const found = referenceTroubles(record, referred);
    if (seen.has(record.id)) {
      found.unshift({ path: 'id', message: 'this identifier stands twice in the file' });
    }
    seen.add(record.id);
    return found.map((one) => ({ ...one, path: `records[${at}].${one.path}` }));
  });
}
