import { useMutation, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { offerUndo } from '../../ui';
import type { CoverColour } from './Cover';
import type { Place } from './sections';

type Section = Api['SectionView'];

/** What can be done with the sections and pages of a notebook; moves and deletions can be taken back. */
export function useNotebookActs(notebook: string) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    // A page can move to another notebook, so the contents of all are asked for again.
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['contents'] });
      queries.invalidateQueries({ queryKey: ['notebooks'] });
      queries.invalidateQueries({ queryKey: ['to-cover'] });
      queries.invalidateQueries({ queryKey: ['page'] });
    },
  });
  const act = (run: () => Promise<unknown>) => change.mutate(run);
  const here = { params: { path: { id: notebook } } };
  const at = (id: string) => ({ params: { path: { id } } });
  const restore = (thing: string) =>
    act(() =>
      unwrap(
        api.POST('/api/notebooks/{id}/bin/{thing}/restore', { params: { path: { id: notebook, thing } } }),
      ),
    );
  const place = (id: string, body: Place) =>
    act(() => unwrap(api.POST('/api/sections/{id}/place', { ...at(id), body })));
  const placePage = (id: string, sectionId: string, position: number) =>
    act(() => unwrap(api.POST('/api/pages/{id}/place', { ...at(id), body: { sectionId, position } })));

  return {
    error: change.error,
    addSection: (title: string) =>
      act(() =>
        unwrap(
          api.PUT('/api/sections/{id}', {
            ...at(newId()),
            body: { notebookId: notebook, title, topics: [] },
          }),
        ),
      ),
    sectionForEachUnit: () => act(() => unwrap(api.POST('/api/notebooks/{id}/sections-for-units', here))),
    sectionForEachWeek: () => act(() => unwrap(api.POST('/api/notebooks/{id}/sections-for-weeks', here))),
    changeSection: (id: string, body: Api['SectionBody']) =>
      act(() => unwrap(api.PATCH('/api/sections/{id}', { ...at(id), body }))),
    moveSection: (section: Section, to: Place) => {
      place(section.id, to);
      offerUndo(`Moved “${section.title}”`, () =>
        place(section.id, { parent: section.parent, position: section.position }),
      );
    },
    deleteSection: (section: Section) =>
      act(async () => {
        await unwrap(api.DELETE('/api/sections/{id}', at(section.id)));
        offerUndo(`Put “${section.title}” into the bin`, () => restore(section.id));
      }),
    setCover: (title: string, cover: CoverColour) =>
      act(() => unwrap(api.PATCH('/api/notebooks/{id}', { ...here, body: { title, cover } }))),
    movePage: (page: Api['PageLine'], was: number, sectionId: string, position: number, where: string) => {
      placePage(page.id, sectionId, position);
      offerUndo(`Moved “${page.title}” ${where}`, () => placePage(page.id, page.sectionId, was));
    },
    copyPage: (page: Api['PageLine'], sectionId: string) =>
      act(() =>
        unwrap(
          api.PUT('/api/pages/{id}/copies/{copy}', {
            params: { path: { id: page.id, copy: newId() } },
            body: { sectionId },
          }),
        ),
      ),
    deletePage: (page: Api['PageLine']) =>
      act(async () => {
        await unwrap(api.DELETE('/api/pages/{id}', at(page.id)));
        offerUndo(`Put “${page.title}” into the bin`, () => restore(page.id));
      }),
  };
}

export type NotebookActs = ReturnType<typeof useNotebookActs>;
