import { useQueries } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { useOutbox } from '../../device';
import { pageQuery, type Shown, shownEntries } from '../entry';
import { homeOf } from '../pattern';
import { useRecorderItself } from '../voice';

const EMPTY_DRAWING = { width: 640, height: 360, strokes: [] };

/** As much of a question as names what was made for it. */
const LONGEST_CAPTION = 200;

type Desk = {
  notebook: string;
  /** Of the page that would be made for them. */
  title: string;
  /** The section in which it would be made. */
  home: string | undefined;
  /** Work that is known, by which the page of what was made before is found. */
  work: Api['Glimpse'][];
  /** Of what was made as an answer. */
  ids: string[];
};

/**
 * Answers that are spoken or written by hand. They are entries on a page of the notebook that is made for the sheet, so they are kept,
 * sent and found like all others.
 */
export function useMade({ notebook, title, home, work, ids }: Desk) {
  const { outbox, state } = useOutbox();
  const recorder = useRecorderItself();
  const [ownPage, setOwnPage] = useState<string>();
  const [trouble, setTrouble] = useState('');
  const known = work.filter((one) => ids.includes(one.id)).map((one) => one.pageId);
  const pages = [...new Set(ownPage ? [...known, ownPage] : known)];
  const entries = useQueries({ queries: pages.map((id) => pageQuery(id)) }).flatMap(({ data }) =>
    data ? shownEntries(data, state.waiting) : [],
  );

  const makePage = async (): Promise<Api['PageView']> => {
    const page = await unwrap(
      api.PUT('/api/pages/{id}', {
        params: { path: { id: newId() } },
        body: { sectionId: home as string, title },
      }),
    );
    setOwnPage(page.id);
    return page;
  };
  const pageNow = async () => {
    const page = pages[0];
    return page ? unwrap(api.GET('/api/pages/{id}', { params: { path: { id: page } } })) : makePage();
  };
  /** Runs what needs a page, and says why where it does not work. */
  const on = async (run: (page: Api['PageView']) => Promise<string | undefined>) => {
    setTrouble('');
    try {
      return await run(await pageNow());
    } catch (error) {
      setTrouble((error as Error).message);
      return undefined;
    }
  };

  return {
    entries: new Map(entries.map((entry) => [entry.id, entry])),
    trouble,
    canMake: !!home,
    /** Begins to record; gives the entry that the recording becomes. */
    speak: (question: string) =>
      on(async (page) => {
        const place = { pageId: page.id, notebookId: notebook, page: page.title };
        if (!(await recorder.start({ ...place, zone: homeOf(page.pattern).key }))) {
          setTrouble(recorder.snapshot().trouble);
          return undefined;
        }
        recorder.describe(question.slice(0, LONGEST_CAPTION));
        return recorder.now()?.recording;
      }),
    /** Makes a drawing to write on; gives its entry. */
    draw: (question: string) =>
      on(async (page) => {
        const id = newId();
        const caption = question.slice(0, LONGEST_CAPTION);
        const zone = homeOf(page.pattern).key;
        await outbox.keep({
          id,
          pageId: page.id,
          zone,
          kind: 'INK',
          content: EMPTY_DRAWING,
          caption,
          width: 'FULL',
        });
        return id;
      }),
    /** Keeps what a drawing holds now. */
    redraw: ({ id, pageId, zone, beside, caption, width, content: before }: Shown, content: unknown) =>
      outbox.keep({
        id,
        pageId,
        zone,
        beside,
        kind: 'INK',
        content,
        caption,
        width,
        base: { pageId, zone, beside, content: before, caption, width },
      }),
  };
}

export type Made = ReturnType<typeof useMade>;
