import { documentText } from '../text';

type Named = { kind: string; caption: string; content: unknown };

/** The name of a file entry's file. */
export const fileName = (content: unknown) => String((content as { name?: string }).name ?? 'File');

/** What a view was called when it was put on its page. */
export const viewName = (content: unknown) => String((content as { name?: string }).name ?? 'View');

/** The address of a link entry. */
export const addressOf = (content: unknown) => String((content as { address?: string }).address ?? '');

/** What an entry is called in a sentence: its caption, else its words, the name of its file, its address. */
export function entryName({ kind, caption, content }: Named): string {
  if (caption) return caption;
  if (kind === 'FILE') return fileName(content);
  if (kind === 'LINK') return addressOf(content);
  if (kind === 'VIEW') return viewName(content);
  return documentText(content).trim();
}
