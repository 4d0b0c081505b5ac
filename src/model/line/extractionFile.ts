import { TOOLS, type UncappingTool } from '../../core';
import {
  type AnyRecord,
  type Chore,
  type Extraction,
  type FrameWeighing,
  holdingOf,
  type LineTickRecord,
  type OwnTool,
  type Pour,
  type Stock,
} from '../../records';

/** All that holds of one day at the extraction line. */
export interface ExtractionFile {
  readonly extraction: Extraction;
  /** by their time */
  readonly ticks: readonly LineTickRecord[];
  readonly pours: readonly Pour[];
  readonly frameWeighings: readonly FrameWeighing[];
  readonly chores: readonly Chore[];
}

/** A tool with its name, shipped or one's own. */
export interface NamedTool extends UncappingTool {
  /** id of one's own; the kind for a shipped one */
  readonly id: string;
  /** empty for a shipped one, which goes by its kind */
  readonly name: string;
}

/** Everything of the house in which honey is extracted. */
export interface HoneyHouse {
  /** latest day first */
  readonly days: readonly ExtractionFile[];
  /** one's own first */
  readonly tools: readonly NamedTool[];
  readonly ownTools: readonly OwnTool[];
  readonly stock: ReadonlyMap<Stock['content']['item'], Stock>;
}

function namedTool({ entityId, content }: OwnTool): NamedTool {
  const { toolKind: kind, ...rest } = content;
  return { id: entityId, kind, ...rest };
}

/** The honey house from its revisions. */
export function honeyHouseOf(records: readonly AnyRecord[]): HoneyHouse {
  const of = holdingOf(records);
  const ownTools = of('uncapping-tool').sort((a, b) =>
    a.content.name.localeCompare(b.content.name),
  );
  return {
    days: of('extraction')
      .sort((a, b) => b.content.day.localeCompare(a.content.day))
      .map((extraction) => ({
        extraction,
        ticks: of('line-tick', extraction.entityId).sort((a, b) =>
          a.content.at.localeCompare(b.content.at),
        ),
        pours: of('pour', extraction.entityId).sort((a, b) =>
          a.content.openedAt.localeCompare(b.content.openedAt),
        ),
        frameWeighings: of('frame-weighing', extraction.entityId).sort((a, b) =>
          a.content.takenAt.localeCompare(b.content.takenAt),
        ),
        chores: of('chore', extraction.entityId),
      })),
    ownTools,
    tools: [
      ...ownTools.map(namedTool),
      ...TOOLS.map((tool) => ({ ...tool, id: tool.kind, name: '' })),
    ],
    stock: new Map(of('stock').map((item) => [item.content.item, item])),
  };
}
