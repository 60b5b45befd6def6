import { useMutation } from '@tanstack/react-query';
import { readFileText } from '../../api';
import { fileName } from './entryName';
import type { Shown } from './shown';

/** Makes typed text of a file that lies on a page; the file stays. */
export function useFileText(put: (content: unknown, from: string) => void) {
  return useMutation({
    mutationFn: async (entry: Shown) => {
      const name = fileName(entry.content);
      const content = await fetch(`/api/media/${entry.media?.id}`);
      const { content: text } = await readFileText(new File([await content.blob()], name));
      put(text, name);
    },
  });
}
