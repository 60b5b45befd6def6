/** The first of these formats that this browser can record; without one it takes what it prefers. */
export const recordable = (...types: string[]): string | undefined =>
  types.find((type) => MediaRecorder.isTypeSupported(type));
