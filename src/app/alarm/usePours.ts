import type { Pour } from '../../records';
import { useCurrent } from '../data/useWorkspaceModel';

/** Pails under an open gate, of all days. */
export function useOpenPours(): Pour[] {
  return useCurrent('pour').filter((item) => item.content.closedAt === null);
}
