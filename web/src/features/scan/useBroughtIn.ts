import { useEffect } from 'react';

/** Pictures that are pasted, or dropped anywhere on the screen. */
export function useBroughtIn(lay: (files: Iterable<File>) => void) {
  useEffect(() => {
    const take = (event: Event, data: DataTransfer | null) => {
      if (!data?.files.length) return;
      event.preventDefault();
      lay(data.files);
    };
    const paste = (event: ClipboardEvent) => take(event, event.clipboardData);
    const drop = (event: DragEvent) => take(event, event.dataTransfer);
    const over = (event: DragEvent) => event.dataTransfer?.types.includes('Files') && event.preventDefault();
    window.addEventListener('paste', paste);
    window.addEventListener('drop', drop);
    window.addEventListener('dragover', over);
    return () => {
      window.removeEventListener('paste', paste);
      window.removeEventListener('drop', drop);
      window.removeEventListener('dragover', over);
    };
  });
}
