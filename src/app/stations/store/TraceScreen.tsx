import type { ReactElement } from 'react';
import { Controlled } from '../../ui/page/Controlled';
import { NothingHere } from '../../ui/page/NothingHere';
import { PageHead } from '../../ui/page/PageHead';
import { StartList } from './parts/TraceLists';
import { TraceView } from './TraceView';
import { useNodeController, useTraceController } from './useTraceController';
import { storeWords } from '../../words/english/store';

/** From hive to jar, both ways. */
export function TraceScreen(): ReactElement {
  const { node, trace, files } = useTraceController();
  if (node === undefined) return <NothingHere />;
  if (node) {
    return <Controlled key={node.id} of={node} controller={useNodeController} View={TraceView} />;
  }
  return (
    <>
      <PageHead over={storeWords.storeTraceAndRecall()} title={storeWords.fromHiveToJarBoth()} />
      <StartList trace={trace} files={files} />
    </>
  );
}
