type Props = { title: string; player: string };

/** A clip from elsewhere as it plays. Its site is asked for it from now on, so this is there only once somebody pressed Play. */
export function ClipFrame({ title, player }: Props) {
  return (
    <iframe
      src={player}
      title={title}
      allow="autoplay; fullscreen; encrypted-media; picture-in-picture"
      className="block aspect-video w-full max-w-3xl rounded-md border-0 bg-black"
    />
  );
}
