import { lineage } from '../../../core';
import type { Trace, TraceKind, TraceNode } from '../../../model';
import { formatDay } from '../../format/dates';
import { TRACE_NAME_OF_ONE, nodeFacts, nodeName } from '../../words/traceWords';
import type { PaperContent, PaperPart } from '../../pdf/content';
import type { Recall } from './recall';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';

export const JARS_HEAD = [
  storeWords.jarCode(),
  commonWords.lotHeading(),
  storeWords.jars(),
  storeWords.numbers(),
  storeWords.whoHasThem(),
  storeWords.sinceHeading(),
] as const;

/** One row for each who has jars, and one for what is left in the house. */
export function jarRows({ jars }: Recall): string[][] {
  return jars.flatMap(({ stock, lotCode, receivers }) => {
    const { code } = stock.packing.content;
    return [
      ...receivers.map(({ count, numbers, to, day }) => [
        code,
        lotCode,
        String(count),
        numbers,
        to,
        formatDay(day),
      ]),
      [code, lotCode, String(stock.left), '', storeWords.inStock(), ''],
    ];
  });
}

/** Jars that each has, over all runs, the most first. */
function toTell({ jars }: Recall): string[] {
  const counts = new Map<string, number>();
  for (const { to, count } of jars.flatMap((jar) => jar.receivers)) {
    counts.set(to, (counts.get(to) ?? 0) + count);
  }
  return [...counts]
    .sort(([, a], [, b]) => b - a)
    .map(([to, count]) => `${to}: ${storeWords.jars4({ count })}`);
}

/** What is reported of the way of the honey, in the order in which honey passes. */
const WAY: readonly TraceKind[] = ['hive', 'box', 'batch', 'lot', 'extraction', 'blend'];

function wayRows(trace: Trace, startId: string): string[][] {
  const touched = lineage(trace.edges, startId);
  return WAY.flatMap((kind) =>
    [...trace.nodes.values()]
      .filter((node) => node.kind === kind && touched.has(node.id) && node.id !== startId)
      .map((node) => [TRACE_NAME_OF_ONE[kind], nodeName(node), nodeFacts(node).join(', ')]),
  );
}

const BEFORE_YOU_CALL = [
  storeWords.theAuthoritiesWhereYouSell(),
  storeWords.setAsideAndMarkWhat(),
  storeWords.jarsPassedOnByA(),
] as const;

const part = (title: string, ...blocks: PaperPart['blocks']): PaperPart => ({ title, blocks });

/** The words of a recall sheet: what to call back, whom to tell, what is in the house, what it passed through. */
export function recallContent(trace: Trace, node: TraceNode, recall: Recall): PaperContent {
  const { given, inHouse, containers } = recall;
  const rows = jarRows(recall);
  const tell = toTell(recall);
  const way = wayRows(trace, node.id);
  const table = (label: string, head: readonly string[], body: string[][], shares: number[]) =>
    ({ as: 'table', label, head, rows: body, shares }) as const;
  return {
    head: {
      over: storeWords.ripenumRecallSheet(),
      title: nodeName(node),
      facts: [TRACE_NAME_OF_ONE[node.kind], ...nodeFacts(node)].join(' · '),
      remark: '',
      decision: storeWords.jarsSoldOrGivenAway({ given }),
      statement: storeWords.jarsHereAndInContainers({ inHouse, containers: containers.length }),
    },
    parts: [
      part(storeWords.beforeYouCall(), { as: 'list', items: BEFORE_YOU_CALL }),
      ...(tell.length > 0 ? [part(storeWords.whomToTell(), { as: 'list', items: tell })] : []),
      ...(rows.length > 0
        ? [
            part(
              storeWords.jarsToCallBack(),
              table(
                storeWords.jarsToCallBack(),
                [...JARS_HEAD, storeWords.backJarsDayInitials()],
                rows.map((row) => [...row, '']),
                [0.14, 0.13, 0.07, 0.11, 0.21, 0.13, 0.21],
              ),
            ),
          ]
        : []),
      ...(containers.length > 0
        ? [
            part(
              storeWords.containersThatHoldHoneyOf(),
              table(
                storeWords.containersThatHoldHoneyOf(),
                [
                  storeWords.container(),
                  commonWords.lotHeading(),
                  storeWords.setAsideDayInitials(),
                ],
                containers.map((container) => [container.name, container.lot, '']),
                [0.4, 0.35, 0.25],
              ),
            ),
          ]
        : []),
      ...(way.length > 0
        ? [
            part(
              storeWords.whatItPassedThrough(),
              table(
                storeWords.whatItPassedThrough(),
                [storeWords.step(), commonWords.name(), storeWords.more()],
                way,
                [0.2, 0.4, 0.4],
              ),
            ),
          ]
        : []),
    ],
  };
}
