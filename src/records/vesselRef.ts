/** One vessel of a container entry, or the lot as a whole where both are null. */
export interface VesselRef {
  readonly containerId: string | null;
  /** counted from 1; null for the only one of its entry */
  readonly item: number | null;
}

/** One vessel of a container entry. */
export function vesselId(containerId: string, item: number): string {
  return `${containerId}#${item}`;
}

/** The vessel something was taken from; null for the lot as a whole. */
export function vesselIdOf({ containerId, item }: VesselRef): string | null {
  return containerId === null ? null : vesselId(containerId, item ?? 1);
}

/** What an id of a vessel stands for; an empty one for the lot as a whole. */
export function vesselRefOf(id: string): VesselRef {
  const [containerId = '', item] = id.split('#');
  return {
    containerId: containerId === '' ? null : containerId,
    item: item === undefined ? null : Number(item),
  };
}
