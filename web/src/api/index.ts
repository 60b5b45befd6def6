export { type Api, api, Problem, readFileInk, readFileText, sendAct, sendForm, unwrap } from './client';
export { type Outgoing, sendFile } from './sendFile';
