import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { Button, ChoiceField, Dialog, Radios, TextButton, TextField, Trouble } from '../../ui';
import { useNotebook } from '../contents';
import { useMe } from '../people';
import { boardQuery, type Line } from './queries';
import { useBoard } from './useBoard';

type Source = Api['PieceSourceView'];
type Props = { name: string; source: Source };

/** Shows a piece of one's own to a class, or to its teacher alone; nothing is shown before it is pressed. */
export function ShowToClass({ name, source }: Props) {
  const [isOpen, setOpen] = useState(false);
  const { role, classes } = useMe();
  if (role !== 'STUDENT' || classes.length === 0) return null;
  return (
    <>
      <TextButton onClick={() => setOpen(true)}>{name}</TextButton>
      {isOpen && <ShowDialog source={source} onClose={() => setOpen(false)} />}
    </>
  );
}

const AUDIENCES = { CLASS: 'the class', TEACHER: 'my teacher only' };

function ShowDialog({ source, onClose }: { source: Source; onClose: () => void }) {
  const { classes } = useMe();
  const home = useNotebook()?.classId;
  const [schoolClass, setClass] = useState(home ?? classes[0]?.id ?? '');
  const [audience, setAudience] = useState<keyof typeof AUDIENCES>('CLASS');
  const [isShown, setShown] = useState(false);
  const board = useQuery(boardQuery(schoolClass)).data;
  const there = board?.pieces.find(isOf(source));
  const { show, error } = useBoard(schoolClass);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const words = String(new FormData(event.currentTarget).get('words'));
    show({ id: there?.id ?? newId(), classId: schoolClass, source, audience, words }).then(
      () => setShown(true),
      () => {},
    );
  };
  if (isShown)
    return (
      <Dialog title="On the noticeboard" onClose={onClose}>
        <p className="mb-3">{shownWords(audience, board?.teacherSeesFirst ?? true)}</p>
        <Link
          to={`/classes/${schoolClass}/noticeboard`}
          className="mr-3 inline-flex min-h-8 items-center font-semibold text-petrol hover:underline"
          onClick={onClose}
        >
          Go to the noticeboard
        </Link>
        <Button look="act" onClick={onClose}>
          Done
        </Button>
      </Dialog>
    );
  return (
    <Dialog title="Show it" onClose={onClose}>
      <Trouble>{error?.message}</Trouble>
      <form key={there?.id} onSubmit={submit}>
        {classes.length > 1 && (
          <ChoiceField
            label="Class"
            value={schoolClass}
            onChange={({ target: { value } }) => setClass(value)}
          >
            {classes.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </ChoiceField>
        )}
        <div className="mb-3">
          <Radios label="For" isLabelled values={AUDIENCES} value={audience} onChoose={setAudience} />
        </div>
        <TextField
          label="What to look at"
          name="words"
          maxLength={500}
          defaultValue={there?.words}
          hint="Stands beside it. It can stay empty."
        />
        <p className="mb-3 text-[13.5px] text-soft">
          They see it as it is now, with your name, and can say something about it. You can take it back at
          any time.
        </p>
        <Button look="act" type="submit">
          {there ? 'Show it as it is now' : 'Show it'}
        </Button>
      </form>
    </Dialog>
  );
}

const isOf =
  (wished: Source) =>
  ({ source }: Line) =>
    source?.entryId === wished.entryId &&
    source?.pageId === wished.pageId &&
    source?.collectionId === wished.collectionId;

const shownWords = (audience: keyof typeof AUDIENCES, teacherSeesFirst: boolean): string => {
  if (audience === 'TEACHER') return 'Your teacher sees it now.';
  return teacherSeesFirst
    ? 'Your teacher looks at it first; then the class sees it.'
    : 'Your class sees it now.';
};
