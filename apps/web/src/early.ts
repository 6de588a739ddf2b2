// What the browser reads first. The thread that works designs out takes as long to start as the page itself, so it
// starts before the page's own script is read; it needs nothing of the page.
import { designIdOf } from './api/designPath'
import { linkKey } from './api/linkKey'
import { startFirstThread } from './evaluating/firstThread'

const designId = designIdOf(location.pathname)
// Who comes by a link shows its key with every request, which the page does.
if (designId !== null) startFirstThread(linkKey() === null ? designId : null)
void import('./main')
