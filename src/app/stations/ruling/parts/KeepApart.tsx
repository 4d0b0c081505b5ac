import { keepVesselApart } from '../lotActs';
import type { ReactElement } from 'react';
import { vesselsAgainstLimit } from '../../../../core';
import { vesselLabelOf, type LotFile } from '../../../../model';
import { vesselRefOf } from '../../../../records';
import { useAppDispatch } from '../../../../store';
import type { Answer } from '../../../lot/useLot';
import { Button } from '../../../ui/Button';
import { rulingWords } from '../../../words/english/ruling';

/** One tap that keeps a vessel which is over, or not settled, apart from its lot. */
export function KeepApart({
  file,
  answer,
}: {
  file: LotFile;
  answer: Answer;
}): ReactElement | null {
  const dispatch = useAppDispatch();
  const { evidence, ruling } = answer;
  const { over, notSettled } = vesselsAgainstLimit(evidence, ruling.belief);
  const wet = [...over, ...notSettled].flatMap((vesselMoisture) => vesselMoisture.vesselId ?? []);
  if (wet.length === 0 || wet.length === evidence.vessels.length) return null;
  const keepApart = (id: string): void => {
    const { containerId } = vesselRefOf(id);
    const container = file.containers.find((each) => each.entityId === containerId);
    const label = vesselLabelOf(evidence.vessels, id);
    if (container) void dispatch(keepVesselApart(container, { id, label }));
  };
  return (
    <div className="flex flex-wrap gap-3">
      {wet.map((id) => (
        <Button key={id} onClick={() => keepApart(id)}>
          {rulingWords.keepApart({ vesselLabelOf: vesselLabelOf(evidence.vessels, id) })}
        </Button>
      ))}
    </div>
  );
}
