import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, Card, Empty, Heading, plural, Trouble, useKeys } from '../../ui';
import { type Pattern, patternsQuery } from '../pattern';
import { GiveLink } from '../reading';
import { AskedHere } from '../setwork';
import { syllabusQuery } from '../syllabus';
import { PageList } from './PageList';
import { contentsQuery } from './queries';
import { SectionSettings } from './SectionSettings';
import { childrenOf } from './sections';
import { ToCover } from './ToCover';
import { useNotebookActs } from './useNotebookActs';

/** A section: what it is to cover, its pages, what is below it, and the way to hand it in. */
export function SectionScreen() {
  const { notebook = '', section: id = '' } = useParams();
  const contents = useSuspenseQuery(contentsQuery(notebook)).data;
  const nodes = useQuery(syllabusQuery(notebook)).data ?? [];
  const acts = useNotebookActs(notebook);
  const [isSetting, setSetting] = useState(false);
  const section = contents.sections.find((one) => one.id === id);
  if (!section) return <Empty>This section is not here. It may be in the bin.</Empty>;
  const below = childrenOf(contents.sections, id);
  return (
    <div className="max-w-4xl xl:max-w-7xl">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <Heading name={[section.code, section.title].filter(Boolean).join(' ')} className="text-[24px]">
          {section.code && <span className="text-petrol">{section.code} </span>}
          {section.title}
        </Heading>
        <span className="flex flex-wrap gap-2">
          <Button onClick={() => setSetting(true)}>Topics and years</Button>
          <Link
            to={`/n/${notebook}/s/${id}/read`}
            className="rounded-md border border-line bg-card px-3 py-1.5 font-semibold hover:border-petrol"
          >
            Read as a book
          </Link>
          <Link
            to={`/n/${notebook}/s/${id}/hand-in`}
            className="rounded-md border border-line bg-card px-3 py-1.5 font-semibold hover:border-petrol"
          >
            Check and hand in
          </Link>
          <GiveLink kind="SECTION" of={id} title={section.title} />
        </span>
      </div>
      {!section.isNeeded && (
        <p className="mb-3 text-brass">
          Only exam years {section.examYears} need this; yours is {contents.notebook.examYear}.
        </p>
      )}
      <AskedHere topics={section.topics} />
      <Trouble>{acts.error?.message}</Trouble>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3.5 xl:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
        <div>
          <Card>
            <NewPage notebook={notebook} section={id} />
            <PageList
              notebook={notebook}
              pages={contents.pages.filter((page) => page.sectionId === id)}
              acts={acts}
            />
          </Card>
          {below.length > 0 && <Below notebook={notebook} sections={below} />}
        </div>
        <ToCover notebook={notebook} section={id} />
      </div>
      {isSetting && (
        <SectionSettings
          section={section}
          nodes={nodes}
          onKeep={(change) => acts.changeSection(id, change)}
          onClose={() => setSetting(false)}
        />
      )}
    </div>
  );
}

const LAST_PATTERN = 'notchbook.pattern';

/** A new page with a title and a pattern; the pattern that was chosen last is offered first. */
function NewPage({ notebook, section }: { notebook: string; section: string }) {
  const go = useNavigate();
  const queries = useQueryClient();
  const patterns = useQuery(patternsQuery).data;
  const [title, setTitle] = useState('');
  const [name, setName] = useState(localStorage.getItem(LAST_PATTERN) ?? '');
  const all: Pattern[] = [...(patterns?.standard ?? []), ...(patterns?.own ?? []).map((own) => own.pattern)];
  const make = useMutation({
    mutationFn: () =>
      unwrap(
        api.PUT('/api/pages/{id}', {
          params: { path: { id: newId() } },
          body: {
            sectionId: section,
            title: title.trim() || 'Untitled page',
            pattern: all.find((pattern) => pattern.name === name),
          },
        }),
      ),
    onSuccess: (page) => {
      queries.invalidateQueries({ queryKey: ['contents', notebook] });
      go(`/n/${notebook}/p/${page.id}`);
    },
  });
  useKeys({ w: () => make.mutate() });
  return (
    <>
      <form
        className="mb-2 flex flex-wrap gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        <input
          aria-label="Title of a new page"
          placeholder="New page"
          value={title}
          onChange={(event) => setTitle(event.target.value)}
          className="min-h-8 min-w-40 flex-1 rounded-md border border-line bg-card px-2.5"
        />
        <select
          aria-label="Pattern of the new page"
          value={all.some((pattern) => pattern.name === name) ? name : all[0]?.name}
          onChange={(event) => {
            setName(event.target.value);
            localStorage.setItem(LAST_PATTERN, event.target.value);
          }}
          className="min-h-8 max-w-48 rounded-md border border-line bg-card px-2"
        >
          {all.map((pattern) => (
            <option key={pattern.name}>{pattern.name}</option>
          ))}
        </select>
        <Button look="act" type="submit" disabled={make.isPending}>
          Make a page
        </Button>
      </form>
      <Trouble>{make.error?.message}</Trouble>
    </>
  );
}

function Below({ notebook, sections }: { notebook: string; sections: Api['SectionView'][] }) {
  return (
    <Card title="Below this section" className="mt-3.5">
      <ul>
        {sections.map((child) => (
          <li key={child.id}>
            <Link
              to={`/n/${notebook}/s/${child.id}`}
              className="flex gap-3 border-b border-line py-2 hover:text-petrol"
            >
              <span className="w-10 text-soft">{child.code}</span>
              <span className="flex-1">{child.title}</span>
              <span className="text-[13px] text-soft">{plural(child.pages, 'page')}</span>
            </Link>
          </li>
        ))}
      </ul>
    </Card>
  );
}
