import type { Api } from '../../api';

/** Of a thing of which nobody has said where it comes from. */
export const UNKNOWN_SOURCE: Api['Source'] = {
  kind: 'WEB_PAGE',
  authors: [],
  published: '',
  where: '',
  purpose: '',
  reasons: [],
};
