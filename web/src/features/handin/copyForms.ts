export const FORMS = {
  PDF: 'PDF',
  EPUB: 'Book (EPUB)',
  WEB: 'Web pages',
  MARKDOWN: 'Markdown',
  PICTURES: 'Pictures',
} as const;
export const PAPERS = { A4: 'A4', LETTER: 'Letter' } as const;
export const SOUNDS = {
  LISTED: 'listed',
  CODED: 'with a code',
  ATTACHED: 'inside it',
} as const;

/** In which form a copy is wanted; all but the first is about PDFs. */
export type CopyWish = {
  form: keyof typeof FORMS;
  paper: keyof typeof PAPERS;
  sounds: keyof typeof SOUNDS;
  isBook: boolean;
  isTwoUp: boolean;
};

export const PLAIN: CopyWish = { form: 'PDF', paper: 'A4', sounds: 'LISTED', isBook: false, isTwoUp: false };

/** What a form is good for. */
export const GOOD_FOR: Record<CopyWish['form'], string> = {
  PDF: 'For paper and for keeping. It can be read aloud, and looks the same everywhere.',
  EPUB: 'For any reader of books. The text flows to any screen; sounds and clips play in it.',
  PICTURES: 'Each sheet as a picture (PNG), for where nothing else can be put in.',
  MARKDOWN: 'One text that any editor opens, with its pictures, sounds and files beside it. Unpack it first.',
  WEB: 'A folder that opens in any browser, from a stick too, without a network. Unpack it first.',
};

/** Where a copy of something comes from: `base` is the address of the version or section. */
export function copyAddress(base: string, { form, paper, sounds, isBook, isTwoUp }: CopyWish): string {
  if (form !== 'PDF') return `${base}/copy?form=${form}`;
  const book = isBook ? '&book=true' : '';
  const twoUp = isTwoUp ? '&twoUp=true' : '';
  return `${base}/pdf?paper=${paper}&sounds=${sounds}${book}${twoUp}`;
}
