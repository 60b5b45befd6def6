import type { Api } from '../../api';

/** The screen that a mark stands on, the page or collection that changes of it belong to, and where they are sent. */
export const placeOf = ({ on, pageId, notebookId, collectionId }: Api['WhereView']) =>
  collectionId
    ? { to: `/collections/${collectionId}?thing=${on}`, of: collectionId, marks: `/api/things/${on}/marks` }
    : { to: `/n/${notebookId}/p/${pageId}?entry=${on}`, of: pageId ?? '', marks: `/api/entries/${on}/marks` };
