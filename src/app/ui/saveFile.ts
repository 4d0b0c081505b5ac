/** So long the browser has to fetch what it saves [ms]. */
const KEPT_MS = 60_000;

/** Hands something to the browser as a file to save. */
export function saveFile(
  name: string,
  content: string | Uint8Array | Blob,
  type = 'application/json',
): void {
  const blob =
    content instanceof Blob
      ? content
      : new Blob([typeof content === 'string' ? content : new Uint8Array(content)], { type });
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // a large file is still being copied when the click returns
  window.setTimeout(() => URL.revokeObjectURL(url), KEPT_MS);
}
