/** Sealed work to be read; it brings more along than the shell needs. */
export { Book } from './Book';
export { SealedContent } from './SealedContent';
export { SealedPages } from './SealedPages';
