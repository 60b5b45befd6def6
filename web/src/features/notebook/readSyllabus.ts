import { type Api, api, unwrap } from '../../api';

/** Sends a syllabus file with its code and title; the server reads all of it or says what to mend, line by line. */
export const readSyllabus = (form: FormData): Promise<Api['EditionInfo']> =>
  unwrap(
    api.POST('/api/editions', {
      params: { query: { code: String(form.get('code')), title: String(form.get('title')) } },
      body: { file: '' },
      bodySerializer: () => {
        const body = new FormData();
        body.append('file', form.get('file') as File);
        return body;
      },
    }),
  );
