import { queryOptions } from '@tanstack/react-query';
import { type Api, api, sendForm, unwrap } from '../../api';
import { bodyOf, type Line } from './lines';

export const readText = (text: string) => unwrap(api.POST('/api/outline-texts', { body: { text } }));

export const readPdf = (file: File): Promise<Api['OutlineView']> =>
  sendForm('POST', '/api/outline-files', { blob: file, name: file.name });

/** What the lines would make as they stand: the code of each, how many of what, and what has to be mended. */
export const madeQuery = (lines: Line[]) => {
  const bodies = lines.map(bodyOf);
  return queryOptions({
    queryKey: ['outline', bodies],
    queryFn: () => unwrap(api.POST('/api/outline-lines', { body: { lines: bodies } })),
    gcTime: 0,
  });
};

export const keepOutline = (names: { code: string; title: string }, lines: Line[]) =>
  unwrap(api.POST('/api/outlines', { body: { ...names, lines: lines.map(bodyOf) } }));
