import type { Api } from '../../api';

export const FORMS = {
  PDF: 'PDF',
  EPUB: 'Book (EPUB)',
  WEB: 'Web pages',
  PAGE: 'One web page',
  WORD: 'Words (DOCX)',
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
  WEB: 'A folder that opens in any browser, from a stick too, without a network. Unpack it first.',
  PAGE: 'One file that opens in any browser, with all pictures and sounds in it. Good to hand on.',
  WORD: 'The typed part, to go on with in a word processor. Pictures, drawings and sounds stay out and are named.',
  MARKDOWN: 'One text that any editor opens, with its pictures, sounds and files beside it. Unpack it first.',
  PICTURES: 'Each sheet as a picture (PNG), for where nothing else can be put in.',
};

/** A form by its name, a PDF with its paper. */
export const copyName = ({ form, paper }: Pick<Api['CopyView'], 'form' | 'paper'>) =>
  form === 'PDF' ? `PDF, ${PAPERS[paper]}` : FORMS[form];
