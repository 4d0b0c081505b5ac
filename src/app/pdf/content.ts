/** A piece of what is said, for screen and paper alike. */
export type PaperBlock =
  | { readonly as: 'text'; readonly text: string; readonly strong?: boolean }
  | { readonly as: 'list'; readonly items: readonly string[]; readonly numbered?: boolean }
  | {
      readonly as: 'table';
      readonly label: string;
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** of the width [1] */
      readonly shares: readonly number[];
    };

/** A part under a heading. */
export interface PaperPart {
  readonly title: string;
  readonly blocks: readonly PaperBlock[];
}

/** What stands at the top: which lot, and what was decided. */
export interface PaperHead {
  readonly over: string;
  readonly title: string;
  readonly facts: string;
  readonly remark: string;
  readonly decision: string;
  readonly statement: string;
}

/** A whole paper: what is said, in order; how it looks is up to screen or PDF. */
export interface PaperContent {
  readonly head: PaperHead;
  readonly parts: readonly PaperPart[];
}
