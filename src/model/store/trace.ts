import type { TraceEdge } from '../../core';
import { type Blend, vesselId, type LotFrame } from '../../records';
import { harvestOf, type Book } from '../day/book';
import { localDayOf } from '../days';
import type { HoneyHouse } from '../line/extractionFile';
import { vesselsOf } from '../lot/lotEvidence';
import type { LotFile } from '../lot/lotFile';
import type { PouredLine } from './pouring';
import type { RoomFile } from '../room/roomFile';
import { say, type Message, type MessageValue } from '../../core';

/** What a node of the trace is, in the order in which honey passes. */
export const TRACE_KINDS = [
  'hive',
  'box',
  'frame',
  'batch',
  'lot',
  'extraction',
  'container',
  'blend',
  'jars',
  'receiver',
] as const;
export type TraceKind = (typeof TRACE_KINDS)[number];

/** A thing that honey passed through. */
export interface TraceNode {
  readonly id: string;
  readonly kind: TraceKind;
  readonly name: MessageValue;
  /** one line more, may be empty */
  readonly detail: MessageValue;
  /** day on which it was so, null where not known */
  readonly day: string | null;
  /** lot that it belongs to, null for hives and receivers */
  readonly lotId: string | null;
  /** how many frames it stands for; 0 for anything else */
  readonly frames: number;
}

/** Everything that honey passed through, with where it went. */
export interface Trace {
  readonly nodes: ReadonlyMap<string, TraceNode>;
  readonly edges: readonly TraceEdge[];
}

/** What a trace is made of. */
export interface TraceSources {
  readonly files: readonly LotFile[];
  readonly book: Book;
  readonly rooms: readonly RoomFile[];
  readonly house: HoneyHouse;
  readonly blends: readonly Blend[];
  readonly poured: readonly PouredLine[];
}

class TraceBuilder {
  readonly nodes = new Map<string, TraceNode>();
  private readonly ways = new Map<string, TraceEdge>();

  node(id: string, kind: TraceKind, more: Partial<TraceNode> & Pick<TraceNode, 'name'>): string {
    if (!this.nodes.has(id)) {
      this.nodes.set(id, { id, kind, detail: '', day: null, lotId: null, frames: 0, ...more });
    }
    return id;
  }

  /** Honey that goes one way in several parts, as of a hive's frames, is one edge. */
  edge(from: string, to: string, massKg: number | null): void {
    const way = `${from} ${to}`;
    const before = this.ways.get(way)?.massKg ?? 0;
    const isKnown = massKg !== null && this.ways.get(way)?.massKg !== null;
    this.ways.set(way, { from, to, massKg: isKnown ? before + massKg : null });
  }

  get edges(): readonly TraceEdge[] {
    return [...this.ways.values()];
  }
}

export const lotNode = (lotId: string): string => `lot:${lotId}`;
export const jarsNode = (packingId: string): string => `jars:${packingId}`;
export const containerNode = (id: string): string => `container:${id}`;
const UNKNOWN_HIVE = 'unknown';

/** The identifier of a hive of the book by its name and yard, else by its name alone. */
function hiveId(book: Book, name: string, yard: string): string {
  const found = book.colonies.find(
    (colony) =>
      colony.content.name === name &&
      (yard === '' ||
        book.yards.some(
          (each) => each.entityId === colony.content.yardId && each.content.name === yard,
        )),
  );
  return `hive:${found?.entityId ?? (name === '' ? UNKNOWN_HIVE : `${yard}/${name}`)}`;
}

/** Of one frame its place, of several how many. */
function frameName({ count, slot }: LotFrame): Message {
  if (count > 1) return say('trace.frames', { count });
  return slot === null ? say('trace.frame') : say('trace.frameAt', { slot });
}

function addFrames(to: TraceBuilder, file: LotFile, { book, rooms }: TraceSources): void {
  const content = file.frames?.content;
  if (!content) return;
  const lotId = file.lot.entityId;
  const day = harvestOf(book, content.harvestId)?.content.day ?? null;
  const batches = rooms.flatMap(({ room, batches: all }) =>
    all
      .filter(({ batch }) => batch.content.lotIds.includes(lotId))
      .map(({ batch }) =>
        to.node(`batch:${batch.entityId}`, 'batch', {
          name: batch.content.name,
          detail: room.content.name,
          day: localDayOf(batch.content.inAt),
          lotId,
        }),
      ),
  );
  content.frames.forEach((frame, at) => {
    const hive = to.node(hiveId(book, frame.hive, frame.yard), 'hive', {
      name: frame.hive || say('trace.unknownHive'),
      detail: frame.yard,
    });
    const box = to.node(`box:${hive}/${frame.box}/${day ?? ''}`, 'box', {
      name: frame.box || say('trace.unknownBox'),
      detail: frame.hive,
      day,
      lotId,
    });
    const id = to.node(`frame:${frame.frameId ?? `${frame.checkId}-${at}`}@${lotId}`, 'frame', {
      name: frameName(frame),
      detail: `${frame.hive}, ${frame.box}`,
      day,
      lotId,
      frames: frame.count,
    });
    to.edge(hive, box, frame.honeyKg);
    to.edge(box, id, frame.honeyKg);
    const next = batches.length > 0 ? batches : [lotNode(lotId)];
    next.forEach((text) => to.edge(id, text, next.length === 1 ? frame.honeyKg : null));
  });
  const total = content.frames.reduce((sum, frame) => sum + frame.honeyKg, 0);
  batches.forEach((batch) => to.edge(batch, lotNode(lotId), batches.length === 1 ? total : null));
}

/** Containers hang on the days at which the lot was extracted, else on the lot itself. */
function addContainers(to: TraceBuilder, file: LotFile, { house }: TraceSources): void {
  const { entityId: lotId } = file.lot;
  const days = house.days.filter(({ extraction }) => extraction.content.lotId === lotId);
  const from = days.map(({ extraction }) => {
    const id = to.node(`extraction:${extraction.entityId}`, 'extraction', {
      name: extraction.content.name || say('trace.extraction'),
      day: extraction.content.day,
      lotId,
    });
    to.edge(lotNode(lotId), id, null);
    return id;
  });
  const parents = from.length > 0 ? from : [lotNode(lotId)];
  for (const vessel of vesselsOf(file.containers)) {
    const id = to.node(containerNode(vessel.id), 'container', {
      name: vessel.label,
      detail: file.lot.content.code,
      day: file.lot.content.date,
      lotId,
    });
    parents.forEach((parent) => to.edge(parent, id, parents.length === 1 ? vessel.massKg : null));
  }
}

function addJars(to: TraceBuilder, { packings, jarMoves, lot }: LotFile): void {
  for (const { entityId, content } of packings) {
    const id = to.node(jarsNode(entityId), 'jars', {
      name: content.code,
      detail: say('trace.jars', { count: content.count, grams: content.jarG }),
      day: localDayOf(content.packedAt),
      lotId: lot.entityId,
    });
    for (const { containerId, item, massKg } of content.from) {
      to.edge(containerNode(vesselId(containerId, item)), id, massKg);
    }
    for (const { content: move } of jarMoves) {
      if (move.packingId !== entityId || move.act !== 'given-out') continue;
      const receiver = to.node(`receiver:${move.to}`, 'receiver', {
        name: move.to || say('trace.unknownReceiver'),
        detail: say(`trace.${move.purpose}`),
      });
      to.edge(id, receiver, (move.count * content.jarG) / 1000);
    }
  }
}

/** A blend stands between the containers that were poured and the lot that came of them. */
function addBlends(to: TraceBuilder, { blends, poured }: TraceSources): void {
  for (const { entityId, content } of blends) {
    content.tanks.forEach((own, at) => {
      const done = poured.filter(
        ({ blendId, tank, massKg }) => blendId === entityId && tank === at && massKg > 0,
      );
      if (done.length === 0) return;
      const id = to.node(`blend:${entityId}/${at}`, 'blend', {
        name: own.label,
        detail: content.name,
        day: content.day,
        lotId: own.lotId,
      });
      done.forEach((pouredLine) =>
        to.edge(containerNode(pouredLine.vesselId), id, pouredLine.massKg),
      );
      const total = done.reduce((sum, pouredLine) => sum + pouredLine.massKg, 0);
      if (own.lotId !== null) to.edge(id, lotNode(own.lotId), total);
    });
  }
}

/** The trace of all lots: hive, box, frame, batch, lot, extraction, container, blend, jars, receiver. */
export function traceOf(sources: TraceSources): Trace {
  const to = new TraceBuilder();
  for (const file of sources.files) {
    const { entityId: lotId, content } = file.lot;
    to.node(lotNode(lotId), 'lot', {
      name: content.code,
      detail: content.name,
      day: content.date,
      lotId,
    });
  }
  for (const file of sources.files) {
    addFrames(to, file, sources);
    addContainers(to, file, sources);
    addJars(to, file);
  }
  addBlends(to, sources);
  const known = to.edges.filter((edge) => to.nodes.has(edge.from) && to.nodes.has(edge.to));
  return { nodes: to.nodes, edges: known };
}

/** The run of jars that a code on a jar names, with or without the jar's own number. */
export function packingOfCode(files: readonly LotFile[], typed: string) {
  const wanted = typed.trim().toLowerCase();
  for (const file of files) {
    for (const packing of file.packings) {
      const code = packing.content.code.toLowerCase();
      if (wanted === code) return { file, packing, number: null };
      const own = wanted.startsWith(`${code}-`) ? wanted.slice(code.length + 1) : '';
      const number = /^\d{1,4}$/.test(own) ? Number(own) : NaN;
      if (number >= 1 && number <= packing.content.count) return { file, packing, number };
    }
  }
  return null;
}
