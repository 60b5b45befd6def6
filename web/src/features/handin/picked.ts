import type { Api } from '../../api';

/** What a student takes to hand in: a section, pages, the sheet of a week of a notebook, a book of the year, or a collection. */
export type Picked = Api['PickedView'];

/** For which set work, or for nothing that was asked for; neither takes what fits best. */
export type Aim = { setWork?: string; unasked?: boolean };

/** What an address picks; within a notebook, a sheet is known by its Monday alone. */
export function pickedBy(search: URLSearchParams, notebook?: string, section?: string): Picked {
  const book = search.get('book') ?? undefined;
  if (book) return { pages: [], book };
  const collection = search.get('collection') ?? undefined;
  if (collection) return { pages: [], collection };
  const monday = search.get('monday') ?? undefined;
  const pages = search.get('pages')?.split(',').filter(Boolean) ?? [];
  return {
    section: monday || pages.length > 0 ? undefined : (section ?? search.get('section') ?? undefined),
    pages,
    notebook: monday ? (search.get('notebook') ?? notebook) : undefined,
    monday,
  };
}

export const aimBy = (search: URLSearchParams): Aim => ({
  setWork: search.get('setWork') ?? undefined,
  unasked: search.has('unasked') || undefined,
});

/** The end of an address that picks this for that. */
export function searchFor(
  { section, pages, notebook, monday, book, collection }: Picked,
  { setWork, unasked }: Aim = {},
) {
  const search = new URLSearchParams();
  if (section) search.set('section', section);
  if (pages.length > 0) search.set('pages', pages.join(','));
  if (notebook) search.set('notebook', notebook);
  if (monday) search.set('monday', monday);
  if (book) search.set('book', book);
  if (collection) search.set('collection', collection);
  if (setWork) search.set('setWork', setWork);
  if (unasked) search.set('unasked', '1');
  return search.toString();
}

/** For what a version was sent. */
export const aimOf = (to: Api['AddressedView']): Aim =>
  to.setWork ? { setWork: to.setWork.id } : { unasked: true };
