/** How far long work on a file is. */
export interface FileProgress {
  readonly doing: 'writing' | 'checking' | 'reading' | 'comparing' | 'keeping';
  /** done of this step, 0 to 1 */
  readonly share: number;
}

/** Hears how far it is. */
export type OnProgress = (progress: FileProgress) => void;
