import { useQuery } from '@tanstack/react-query';
import { QRCodeSVG } from 'qrcode.react';
import { api, unwrap } from '../../api';
import { clockTime, Dialog, plural, Trouble } from '../../ui';

type Props = { scan: string; photos: number; onClose: () => void };

/** A code that a phone opens the bench with; each photo arrives here as it is taken. */
export function PhoneDialog({ scan, photos, onClose }: Props) {
  const link = useQuery({
    queryKey: ['phone-link', scan],
    queryFn: () => unwrap(api.POST('/api/scans/{id}/phone-link', { params: { path: { id: scan } } })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const address = link.data && `${window.location.origin}/phone/${link.data.secret}`;
  return (
    <Dialog title="Photos from a phone" onClose={onClose}>
      <Trouble>{link.error?.message}</Trouble>
      {address && (
        <>
          <p className="mb-3">
            Point the phone’s camera at this code and open the link. Nobody has to sign in there.
          </p>
          <div className="flex justify-center rounded-md bg-sheet p-4">
            <QRCodeSVG value={address} size={220} title="Code with the link for the phone" />
          </div>
          <p className="mt-3 text-[13px] break-all text-soft">{address}</p>
          <p className="mt-3">
            Works on one phone until <b>{clockTime(Date.parse(link.data.until))}</b>.{' '}
            {plural(photos, 'photo')} on the bench so far.
          </p>
        </>
      )}
    </Dialog>
  );
}
