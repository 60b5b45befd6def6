export { AskedHere } from './AskedHere';
export { askedQuery, setWorkQuery } from './queries';
export { SetWorkActs } from './SetWorkActs';
export { askedWords, dueLine, dueTime, hourOf } from './words';
