/** The address under which a kept picture is drawn. */
export const pictureUrl = ({ jpegBase64 }: { readonly jpegBase64: string }): string =>
  `data:image/jpeg;base64,${jpegBase64}`;
