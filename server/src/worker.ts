/** What a worker of the pool runs: one request from its bytes. */
export { answer as default } from './answer.ts'
