/** Lines with one more, or without one that was cut. */
export const toggled = (lines: readonly string[], line: string, isCut: boolean): string[] =>
  isCut ? lines.filter((one) => one !== line) : [...lines, line];
