import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { STANDING_KINDS } from '../../forms/room/openHoneyForm';
import { Controlled } from '../../ui/page/Controlled';
import { OpenHoneyView } from './OpenHoneyView';
import { useOpenHoneyController } from './useOpenHoneyController';

/** Honey that waits or dries outside a warm room: what the air does to it by then. */
export function OpenHoneyScreen(): ReactElement {
  const { kind: asked } = useParams();
  const kind = STANDING_KINDS.find((known) => known === asked) ?? 'combs';
  return (
    <Controlled key={kind} of={kind} controller={useOpenHoneyController} View={OpenHoneyView} />
  );
}
