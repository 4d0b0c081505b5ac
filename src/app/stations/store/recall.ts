import { reached } from '../../../core';
import { jarStocks, jarsNode, type JarStock, type LotFile, type Trace } from '../../../model';
import { storeWords } from '../../words/english/store';
import { nodeName } from '../../words/traceWords';
import { tell } from '../../words/tell';
import { commonWords } from '../../words/english/common';

/** A run of jars that a recall reaches. */
export interface RecalledJars {
  readonly stock: JarStock;
  readonly lotCode: string;
  readonly lotName: string;
  /** who has how many, as written down */
  readonly receivers: readonly {
    readonly to: string;
    readonly count: number;
    readonly day: string;
    readonly numbers: string;
  }[];
}

/** What a recall from a hive, frame, box, lot or container reaches. */
export interface Recall {
  readonly jars: readonly RecalledJars[];
  readonly containers: readonly {
    readonly id: string;
    readonly name: string;
    readonly lot: string;
  }[];
  readonly given: number;
  readonly inHouse: number;
}

function numbersOf(first: number | null, count: number): string {
  return first === null ? '' : storeWords.toFirstFirst2({ first, first2: first + count - 1 });
}

/** All that came of a node: jars with who has them, and containers that still hold honey of it. */
export function recallOf(trace: Trace, files: readonly LotFile[], startId: string): Recall {
  const down = reached(trace.edges, [startId], 'down');
  const jars = files.flatMap((file) =>
    jarStocks(file)
      .filter(({ packing }) => down.has(jarsNode(packing.entityId)))
      .map((stock) => ({
        stock,
        lotCode: file.lot.content.code,
        lotName: file.lot.content.name,
        receivers: file.jarMoves
          .filter(
            ({ content }) =>
              content.act === 'given-out' && content.packingId === stock.packing.entityId,
          )
          .map(({ content }) => ({
            to: content.to || commonWords.notWrittenDown(),
            count: content.count,
            day: content.at,
            numbers: numbersOf(content.firstNumber, content.count),
          })),
      })),
  );
  const containers = [...down].flatMap((id) => {
    const node = trace.nodes.get(id);
    return node?.kind === 'container' ? [{ id, name: nodeName(node), lot: tell(node.detail) }] : [];
  });
  const inHouse = jars.reduce((sum, jar) => sum + jar.stock.left, 0);
  const all = jars.reduce((sum, jar) => sum + jar.stock.packing.content.count, 0);
  return { jars, containers, inHouse, given: all - inHouse };
}
