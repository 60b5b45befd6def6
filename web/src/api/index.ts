export { type Api, api, Problem, readFileText, sendAct, unwrap } from './client';
export { type Outgoing, sendFile } from './sendFile';
