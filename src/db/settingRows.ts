import type { Preferences } from '../records';

/** A file that held everything that there was. */
export interface CopyMark {
  /** when it was saved, ISO 8601 UTC */
  readonly at: string;
  /** records in it: the journal only grows, so what was written since is what it holds beyond them */
  readonly records: number;
}

/** A folder on the disk, as a browser lends it that can write to one. */
export type Folder = Pick<FileSystemDirectoryHandle, 'name' | 'getFileHandle'> & {
  queryPermission?(mode: { readonly mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(mode: { readonly mode: 'readwrite' }): Promise<PermissionState>;
};

/** The folder that copies of everything are kept in. */
export interface CopyFolder {
  readonly folder: Folder;
  /** copies written into it so far */
  readonly written: number;
  /** the last copy could not be written */
  readonly hasFailed?: boolean;
}

/** The key of this device. Its private part cannot be read, by anybody: the browser only signs with it. */
export interface DeviceKey {
  readonly privateKey: CryptoKey;
  /** as it stands in signatures, base64 */
  readonly publicKey: string;
}

/** What is kept of this device beside its records. */
export type SettingRow =
  | { readonly key: 'preferences'; readonly value: Preferences }
  /** how strict the schemas were when every row was last checked */
  | { readonly key: 'checked'; readonly value: number }
  /** days that the clock of the demo season is behind that of the device */
  | { readonly key: 'clock'; readonly value: number }
  | { readonly key: 'copied'; readonly value: CopyMark }
  | { readonly key: 'folder'; readonly value: CopyFolder }
  | { readonly key: 'device'; readonly value: DeviceKey };
