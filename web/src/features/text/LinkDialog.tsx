import type { Editor } from '@tiptap/react';
import { type FormEvent, useState } from 'react';
import { Button, Dialog, TextField, Trouble } from '../../ui';
import { webAddress } from '../link';

/** The address that the marked words lead to. */
export function LinkDialog({ editor, onClose }: { editor: Editor; onClose: () => void }) {
  const before: string = editor.getAttributes('link').href ?? '';
  const [trouble, setTrouble] = useState('');
  const keep = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = String(new FormData(event.currentTarget).get('address')).trim();
    const href = typed.startsWith('mailto:') ? typed : webAddress(typed);
    if (!href) return setTrouble('This is no web address. It looks like https://site.example/page.');
    if (editor.state.selection.empty && !before)
      editor
        .chain()
        .focus()
        .insertContent({ type: 'text', text: typed, marks: [{ type: 'link', attrs: { href } }] })
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
    </Dialog>
  );
}
