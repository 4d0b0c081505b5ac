/** Hands something to the browser as a file to save. */
export function saveFile(
  name: string,
  content: string | Uint8Array,
  type = 'application/json',
): void {
  const part = typeof content === 'string' ? content : new Uint8Array(content);
  const url = URL.createObjectURL(new Blob([part], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
