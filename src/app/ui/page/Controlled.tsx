import type { ReactElement } from 'react';

interface ControlledProps<T, C extends object> {
  /** what the page is about */
  of: T;
  /** its data and what can be done with it, without markup */
  controller: (of: T) => C;
  /** its markup, without data of its own */
  View: (props: C) => ReactElement;
}

/** A page as controller and view: whatever the view shows, the controller found. */
export function Controlled<T, C extends object>(props: ControlledProps<T, C>): ReactElement {
  const { of, controller: useController, View } = props;
  return <View {...useController(of)} />;
}
