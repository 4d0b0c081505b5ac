import { bytesOf } from '../../records/exchange/base64';

/** The address under which a kept picture is drawn. */
export const pictureUrl = ({ jpegBase64 }: { readonly jpegBase64: string }): string =>
  `data:image/jpeg;base64,${jpegBase64}`;

/** A kept picture as a file again. */
export const pictureBlob = ({ jpegBase64 }: { readonly jpegBase64: string }): Blob =>
  new Blob([bytesOf(jpegBase64) ?? new Uint8Array()], { type: 'image/jpeg' });
