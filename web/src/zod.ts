import { z } from 'zod'

// The content security policy forbids building code at run time; Zod must not try. Imported before anything else.
z.config({ jitless: true })
