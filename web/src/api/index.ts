export { type Api, api, type Outgoing, Problem, readFileText, sendAct, sendFile, unwrap } from './client';
