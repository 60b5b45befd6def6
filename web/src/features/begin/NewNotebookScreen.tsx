import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Button, Card, Heading } from '../../ui';
import { editionsQuery } from '../syllabus';
import { NotebookForm } from './NotebookForm';
import { NONE, type Syllabus, SyllabusWays } from './SyllabusWays';

/** A new notebook: its syllabus first, as far as there is one, then what it is called and for which exam. */
export function NewNotebookScreen() {
  const editions = useSuspenseQuery(editionsQuery).data;
  const [syllabus, setSyllabus] = useState<Syllabus>();
  return (
    <div className="max-w-4xl">
      <Heading name="New notebook" className="mb-1 text-[24px]" />
      <p className="mb-3">
        Do you have notebooks elsewhere that you took along?{' '}
        <Link className="font-semibold text-petrol underline" to="/bags">
          Bring in your bag
        </Link>
      </p>
      {syllabus ? (
        <div className="flex flex-col gap-3.5">
          <ChosenSyllabus syllabus={syllabus} onChange={() => setSyllabus(undefined)} />
          <NotebookForm syllabus={syllabus} />
        </div>
      ) : (
        <SyllabusWays editions={editions} onChoose={setSyllabus} />
      )}
    </div>
  );
}

function ChosenSyllabus({ syllabus, onChange }: { syllabus: Syllabus; onChange: () => void }) {
  return (
    <Card>
      <p className="flex flex-wrap items-baseline justify-between gap-3">
        <span>
          <b>Syllabus: </b>
          {syllabus === NONE ? 'none yet. You can bring it in later.' : nameOf(syllabus)}
        </span>
        <Button look="quiet" onClick={onChange}>
          Another one
        </Button>
      </p>
    </Card>
  );
}

const nameOf = ({ code, title }: Api['EditionLine']) => `${code} ${title}`;
