import type { Api } from '../../api';
import { Card } from '../../ui';

/** What a student says along with a version, typed and aloud. */
export function WordCard({ version, title }: { version: Api['SealedView']; title: string }) {
  const { word, wordSound } = version;
  if (!word && !wordSound) return null;
  return (
    <Card title={title}>
      {word && <p className="whitespace-pre-line">{word}</p>}
      {wordSound && (
        <audio
          controls
          preload="none"
          src={`/api/media/${wordSound.id}`}
          aria-label={title}
          className="mt-1 h-9 max-w-full"
        />
      )}
    </Card>
  );
}
