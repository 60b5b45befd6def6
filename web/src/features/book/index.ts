export { BookPatternsScreen } from './BookPatternsScreen';
export { BookScreen } from './BookScreen';
export { BooksScreen } from './BooksScreen';
export { bookQuery } from './queries';
