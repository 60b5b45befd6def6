const KINDS: Record<string, string> = {
  'application/pdf': 'PDF',
  'application/vnd.openxmlformats-officedocument.wordprocessingml.document': 'DOCX',
  'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet': 'XLSX',
  'application/vnd.oasis.opendocument.text': 'ODT',
  'text/html': 'HTML',
  'text/markdown': 'MD',
  'text/csv': 'CSV',
  'text/plain': 'TXT',
};

/** What a file is, in a few letters: by its content where that is known, else by its name. */
export function fileKind(name: string, type = ''): string {
  const ending = /\.([A-Za-z0-9]{1,4})$/.exec(name)?.[1]?.toUpperCase();
  return KINDS[type] ?? ending ?? 'FILE';
}

/** Whether a file can become typed text. */
export const isText = (type: string) => type in KINDS && type !== 'application/pdf';

/** Where a file that comes in belongs: pictures, sounds and films show themselves, everything else is a file. */
export function entryKindOf(file: Blob): 'PHOTO' | 'RECORDING' | 'CLIP' | 'FILE' {
  if (/^image\/(jpeg|png|webp)$/.test(file.type)) return 'PHOTO';
  if (/^video\/(webm|mp4|quicktime)$/.test(file.type)) return 'CLIP';
  return /^audio\/(wav|x-wav|ogg|webm|mpeg|mp3|mp4|x-m4a)$/.test(file.type) ? 'RECORDING' : 'FILE';
}
