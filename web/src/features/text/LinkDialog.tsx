import type { Editor } from '@tiptap/react';
import { type FormEvent, useState } from 'react';
import { Button, Dialog, TextField, Trouble } from '../../ui';
import { webAddress } from '../link';
import type { TextMarking } from './marking';

type Props = { editor: Editor; spots: TextMarking['spots']; onClose: () => void };

/** The address that the marked words lead to, or a spot on a picture of the page. */
export function LinkDialog({ editor, spots, onClose }: Props) {
  const before: string = editor.getAttributes('link').href ?? '';
  const [trouble, setTrouble] = useState('');
  const keep = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = String(new FormData(event.currentTarget).get('address')).trim();
    const href = typed.startsWith('mailto:') ? typed : webAddress(typed);
    if (!href) return setTrouble('This is no web address. It looks like https://site.example/page.');
    link(href, typed);
  };
  const link = (href: string, words: string) => {
    if (editor.state.selection.empty && !before)
      editor
        .chain()
        .focus()
        .insertContent({ type: 'text', text: words, marks: [{ type: 'link', attrs: { href } }] })
        .run();
    else editor.chain().focus().extendMarkRange('link').setLink({ href }).run();
    onClose();
  };
  return (
    <Dialog title="Link" onClose={onClose}>
      <Trouble>{trouble}</Trouble>
      <form onSubmit={keep}>
        <TextField label="Address" name="address" defaultValue={before} required placeholder="https://…" />
        <div className="flex gap-2">
          <Button look="act" type="submit">
            Link to it
          </Button>
          {before && (
            <Button
              onClick={() => {
                editor.chain().focus().extendMarkRange('link').unsetLink().run();
                onClose();
              }}
            >
              Take the link away
            </Button>
          )}
        </div>
      </form>
      {spots.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 text-[15px]">Or a spot on a picture of this page</h3>
          <ul className="max-h-[30vh] overflow-auto">
            {spots.map(({ id, name }) => (
              <li key={id}>
                <Button
                  look="quiet"
                  className="w-full justify-start!"
                  onClick={() => link(`#spot-${id}`, name)}
                >
                  {name}
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </Dialog>
  );
}
