import { Component, type ReactNode } from 'react';

/** What is within fails alone: it is left out, and the page around it stands. */
export class Alone extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { failed: boolean } {
    return { failed: true };
  }

  override render(): ReactNode {
    return this.state.failed ? null : this.props.children;
  }
}
