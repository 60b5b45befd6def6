import type { Api } from '../../api';

type Props = {
  address: string;
  card:
    | Partial<Pick<Api['LinkCardView'], 'title' | 'description' | 'site' | 'pictureId' | 'state'>>
    | undefined;
};

/** A web page on a page: its title, what it says of itself, and its picture. It opens in a window of its own. */
export function LinkCard({ address, card }: Props) {
  const title = card?.title || shortened(address);
  return (
    <a
      href={address}
      target="_blank"
      rel="noopener noreferrer nofollow"
      className="flex min-w-0 gap-3 overflow-hidden rounded-md border border-line bg-card hover:border-petrol"
    >
      {card?.pictureId && (
        <img
          src={`/api/media/${card.pictureId}/screen`}
          alt=""
          loading="lazy"
          className="w-28 shrink-0 self-stretch object-cover max-sm:w-20"
        />
      )}
      <span className={`min-w-0 flex-1 py-2 pr-3 ${card?.pictureId ? '' : 'pl-3'}`}>
        <b className="line-clamp-2 text-petrol">{title}</b>
        {card?.description && <span className="line-clamp-2 text-[14px]">{card.description}</span>}
        <span className="block truncate text-[13px] text-soft">{place(address, card)}</span>
      </span>
    </a>
  );
}

function place(address: string, card: Props['card']): string {
  const host = hostOf(address);
  if (card?.state === 'WAITING') return `${host} · asking the page what it is…`;
  if (card?.state === 'UNREACHED') return `${host} · could not be opened without signing in`;
  return card?.site && card.site !== host ? `${card.site} · ${host}` : host;
}

function hostOf(address: string): string {
  try {
    return new URL(address).host;
  } catch {
    return address;
  }
}

const shortened = (address: string) => address.replace(/^https?:\/\/(www\.)?/, '').replace(/\/$/, '');
