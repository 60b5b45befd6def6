import { type FormEvent, useState } from 'react';
import { v7 as newId } from 'uuid';
import { Button, Dialog, TextField, Tick, Trouble } from '../../ui';
import { type Tie, useThings } from './useThings';

/** A tie that is there, or the two things that are to be tied. */
export type TieWish = Tie | Pick<Tie, 'from' | 'to'>;

type Props = {
  collection: string;
  wish: TieWish;
  nameOf: (item: string) => string;
  onUntie: (tie: Tie) => void;
  onClose: () => void;
};

/** The words of a tie, and whether it leads from one thing to the other. */
export function TieDialog({ collection, wish, nameOf, onUntie, onClose }: Props) {
  const { keepTie, trouble } = useThings(collection);
  const there = 'id' in wish ? wish : undefined;
  const [words, setWords] = useState(there?.words ?? '');
  const [isDirected, setDirected] = useState(there?.isDirected ?? true);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    void keepTie({ id: there?.id ?? newId(), from: wish.from, to: wish.to, words, isDirected }).then(onClose);
  };
  return (
    <Dialog title="Tie" onClose={onClose}>
      <form onSubmit={keep}>
        <Trouble>{trouble}</Trouble>
        <p className="mb-2">
          <b>{nameOf(wish.from)}</b> … <b>{nameOf(wish.to)}</b>
        </p>
        <TextField
          label="What the tie says"
          placeholder="replaced by, starves, paid by"
          value={words}
          maxLength={120}
          autoFocus
          onChange={(event) => setWords(event.target.value)}
        />
        <Tick checked={isDirected} onChange={(event) => setDirected(event.target.checked)}>
          It leads from the first to the second
        </Tick>
        <div className="mt-3 flex gap-2">
          <Button look="act" type="submit">
            Keep the tie
          </Button>
          {there && (
            <Button
              onClick={() => {
                onUntie(there);
                onClose();
              }}
            >
              Take it away
            </Button>
          )}
        </div>
      </form>
    </Dialog>
  );
}
