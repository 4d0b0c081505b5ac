/** `records[3].content.dialValue` */
export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, step) =>
      typeof step === 'number'
        ? `${text}[${step}]`
        : text === ''
          ? String(step)
          : `${text}.${String(step)}`,
    '',
  );
}
