export { type Api, api, type Outgoing, Problem, sendFile, unwrap } from './client';
