import { useState } from 'react';

/** Which entry is open: one of them, a new one, or none. */
export interface Editing<T> {
  readonly open: boolean;
  readonly record: T | null;
  /** what a new entry belongs to */
  readonly parent: string;
  readonly edit: (record: T) => void;
  readonly add: (parent?: string) => void;
  readonly onOpenChange: (open: boolean) => void;
}

export function useEditing<T>(): Editing<T> {
  const [state, setState] = useState<{ open: boolean; record: T | null; parent: string }>({
    open: false,
    record: null,
    parent: '',
  });
  return {
    ...state,
    edit: (record) => setState({ open: true, record, parent: '' }),
    add: (parent = '') => setState({ open: true, record: null, parent }),
    onOpenChange: (open) => setState((before) => ({ ...before, open })),
  };
}
