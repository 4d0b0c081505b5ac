/** "3 frames", "1 frame" */
export const counted = (count: number, text: string, many = `${text}s`): string =>
  `${count} ${count === 1 ? text : many}`;
