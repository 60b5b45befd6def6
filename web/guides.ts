import { marked } from 'marked';
import type { Plugin } from 'vite';

/** A picture of a guide, as it stands in its text. */
const PICTURE = /src="(\.\.\/screenshots\/[\w-]+\.png)"/g;

/** The guides of docs/guide as HTML, made while the front end is built; their pictures come along. */
export const guides = (): Plugin => ({
  name: 'notchbook-guides',
  transform(source, id) {
    if (!id.endsWith('.md')) return undefined;
    const html = marked.parse(source, { async: false });
    const pictures = [...new Set([...html.matchAll(PICTURE)].map((found) => found[1] ?? ''))];
    const imports = pictures.map((picture, at) => `import picture${at} from ${JSON.stringify(picture)};`);
    const text = pictures.reduce(
      (words, picture, at) =>
        words.replaceAll(JSON.stringify(`"${picture}"`).slice(1, -1), `\\"" + picture${at} + "\\"`),
      JSON.stringify(html),
    );
    return { code: `${imports.join('\n')}\nexport default ${text};`, map: null };
  },
});
