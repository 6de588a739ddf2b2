// What the browser reads first. The thread that works designs out takes as long to start as the page itself, so it
// starts before the page's own script is read; it needs nothing of the page.
import { startFirstThread } from './evaluating/firstThread'

if (location.pathname.startsWith('/designs/')) startFirstThread()
void import('./main')
