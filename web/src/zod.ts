import { config } from 'zod/v4/core'

// The content security policy forbids building code at run time; Zod must not try. Imported before anything else, and
// without Zod itself, which comes with what validates.
config({ jitless: true })
