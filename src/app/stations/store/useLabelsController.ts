import { vesselId } from '../../../records';
import { useCurrent, useLedger, useRuledLots } from '../../data/useWorkspaceModel';
import { gateOf } from '../../gate/gate';

/** A run of jars, its label, and whether its honey may leave; null where there is no such run. */
export function useLabelsController(packingId: string) {
  const { files } = useLedger();
  const design = useCurrent('label-design').at(-1) ?? null;
  const lots = useRuledLots().ruled;
  const isIt = ({ entityId }: { readonly entityId: string }): boolean => entityId === packingId;
  const file = files.find(({ packings }) => packings.some(isIt));
  const packing = file?.packings.find(isIt);
  const lot = lots.find((ruled) => ruled.file === file);
  if (!file || !packing || !lot) return null;
  const { from, release } = packing.content;
  const gate = gateOf(
    lot,
    from.map(({ containerId, item }) => vesselId(containerId, item)),
  );
  /** nothing is printed of honey that is blocked, or doubtful and not released */
  const isHeld = gate.status === 'shut' || (gate.status === 'reason' && !release);
  return { file, packing, design, gate, release, isHeld };
}
