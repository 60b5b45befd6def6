export { PerhapsAbout } from './PerhapsAbout';
export { unfiledQuery } from './queries';
