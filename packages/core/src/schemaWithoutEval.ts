import { z } from 'zod'

// The schema library can compile checks with `new Function`. The web page's content security policy
// forbids that, and even the attempt would be reported, so it is switched off for everyone.
z.config({ jitless: true })
