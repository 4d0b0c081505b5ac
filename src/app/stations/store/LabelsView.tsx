import type { ReactElement } from 'react';
import { GateNote } from '../../gate/GateNote';
import { PageHead } from '../../ui/page/PageHead';
import { RELEASE_NAMES } from '../../words/storeWords';
import { LabelMaker } from './parts/LabelMaker';
import type { useLabelsController } from './useLabelsController';
import { jarsWords } from '../../words/english/jars';

/** Labels of a run of jars: words, colours, sheet, and the PDF to print. */
export function LabelsView(
  props: NonNullable<ReturnType<typeof useLabelsController>>,
): ReactElement {
  const { file, packing, design, gate, release, isHeld } = props;
  return (
    <>
      <PageHead
        over={jarsWords.storeLabels()}
        title={jarsWords.jars({ code: packing.content.code })}
      />
      <div className="mt-3 space-y-2">
        <GateNote gate={gate} />
        {gate.status === 'reason' && (
          <p className="text-lg">
            {release
              ? jarsWords.filledAnyway({
                  release: RELEASE_NAMES[release.use],
                  reason: release.reason,
                })
              : jarsWords.labelsCanBeMadeOnce()}
          </p>
        )}
      </div>
      {!isHeld && (
        <LabelMaker key={design?.id ?? 'new'} file={file} packing={packing} design={design} />
      )}
    </>
  );
}
