import { RadioGroup } from 'radix-ui';
import type { ComponentProps, FocusEvent, ReactElement } from 'react';

/**
 * Chooses what an arrow key has brought the focus to, however short the key was pressed. The group
 * itself chooses only while the key is still down when the focus arrives.
 */
function chooseByKey(event: FocusEvent<HTMLButtonElement>): void {
  const { currentTarget, relatedTarget } = event;
  const group = currentTarget.closest('[role="radiogroup"]');
  // from another choice: what a form puts the focus on, because it is missing, is not chosen by that
  const isFromChoice =
    relatedTarget instanceof HTMLElement &&
    relatedTarget !== group &&
    group?.contains(relatedTarget) === true;
  if (!isFromChoice || !currentTarget.matches(':focus-visible')) return;
  currentTarget.click();
  event.preventDefault(); // chosen: the group need not choose again
}

/** One of a row of choices; the arrows choose. */
export function RadioItem(props: ComponentProps<typeof RadioGroup.Item>): ReactElement {
  return <RadioGroup.Item onFocus={chooseByKey} {...props} />;
}
