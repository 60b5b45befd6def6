export { setWorkQuery } from './queries';
export { SetWorkActs } from './SetWorkActs';
export { askedWords, dueLine } from './words';
