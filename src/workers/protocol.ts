/** A photograph scaled down and drawn anew, so that no data of the camera is left in it. */
export interface ShrunkPhoto {
  readonly width: number;
  readonly height: number;
  /** JPEG, base64 */
  readonly jpegBase64: string;
}

/** What came of a photograph; plain data, since errors lose their fields on the way. */
export type PhotoResult =
  | { readonly ok: true; readonly photo: ShrunkPhoto }
  | { readonly ok: false; readonly message: string };

/** What the photo worker does. */
export interface PhotoWorker {
  shrink(file: Blob, longestSide: number): Promise<PhotoResult>;
}
