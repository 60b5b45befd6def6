import { type FormEvent, useState } from 'react';
import { Button, Dialog, TextField, Trouble } from '../../ui';
import { webAddress } from './webAddress';

/** A web page by its address; a card of it goes onto the page. */
export function LinkDialog({ onLink, onClose }: { onLink: (address: string) => void; onClose: () => void }) {
  const [trouble, setTrouble] = useState<string>();
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const address = webAddress(String(new FormData(event.currentTarget).get('address')));
    if (!address) return setTrouble('This is no web address. It looks like https://site.example/page.');
    onLink(address);
    onClose();
  };
  return (
    <Dialog title="Link" onClose={onClose}>
      <form onSubmit={submit}>
        <TextField
          label="Address of the page"
          name="address"
          inputMode="url"
          autoFocus
          required
          maxLength={2000}
          placeholder="https://…"
          hint="Its title, a line about it and its picture are fetched for you."
          aria-invalid={!!trouble}
        />
        <Trouble>{trouble}</Trouble>
        <Button look="act" type="submit">
          Put it on the page
        </Button>
      </form>
    </Dialog>
  );
}
