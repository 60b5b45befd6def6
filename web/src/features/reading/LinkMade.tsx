import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import type { Api } from '../../api';
import { Button, dayName } from '../../ui';
import { addressOfLink } from './secret';

/** A link, to be copied or held before a camera: it is shown this once. */
export function LinkMade({ link, secret }: { link: Api['ReaderLinkView']; secret: string }) {
  const [isCopied, setCopied] = useState(false);
  const address = addressOfLink(secret);
  const copy = async () => {
    await navigator.clipboard.writeText(address);
    setCopied(true);
  };
  return (
    <>
      <p className="mb-3">
        {whenItOpens(link)} It opens for {link.reader} until <b>{dayName(link.lastDay)}</b>. The link is shown
        only now, so copy it if you need it.
      </p>
      <div className="flex justify-center rounded-md bg-sheet p-4">
        <QRCodeSVG value={address} size={180} title="Code with the link" />
      </div>
      <input
        readOnly
        aria-label="The link"
        value={address}
        onFocus={(event) => event.target.select()}
        className="mt-3 min-h-9 w-full rounded-md border border-line bg-card px-2.5 text-[13px] text-ink"
      />
      <div className="mt-3 flex items-center gap-3">
        <Button look="act" onClick={copy}>
          Copy the link
        </Button>
        <output aria-live="polite">{isCopied && 'Copied.'}</output>
      </div>
    </>
  );
}

function whenItOpens({ mail, consent }: Api['ReaderLinkView']) {
  if (consent === 'WAITING')
    return `It waits for a teacher’s yes${mail ? `, and is sent to ${mail} then` : ''}.`;
  return mail ? `It was sent to ${mail}.` : '';
}
