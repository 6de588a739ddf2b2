import type { Page } from '@playwright/test'

/** As much of React's fibers as says which components were drawn. */
interface Fiber {
  tag: number
  flags: number
  child: Fiber | null
  sibling: Fiber | null
  alternate: Fiber | null
}

declare global {
  interface Window {
    redraws: number
  }
}

/**
 * Counts the components that React draws from now on, before the page is opened.
 *
 * React tells whoever sits at the place of its developer tools of every commit. Tags and flags are from memory of its
 * source: 0 function, 1 class, 11 forwardRef, 14 and 15 memo; flag 1, that work was done.
 */
export async function countRedraws(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const components = new Set([0, 1, 11, 14, 15])
    window.redraws = 0
    const count = (next: Fiber, before: Fiber | null): void => {
      if (next === before) return
      if (components.has(next.tag) && (before === null || (next.flags & 1) !== 0)) {
        window.redraws += 1
      }
      if (before !== null && next.child === before.child) return
      for (let child = next.child; child !== null; child = child.sibling) {
        count(child, before === null ? null : child.alternate)
      }
    }
    const hook = {
      supportsFiber: true,
      renderers: new Map(),
      inject: () => 1,
      onScheduleFiberRoot: () => undefined,
      onCommitFiberUnmount: () => undefined,
      onPostCommitFiberRoot: () => undefined,
      onCommitFiberRoot: (_id: number, root: { current: Fiber }) => {
        count(root.current, root.current.alternate)
      },
    }
    Object.assign(window, { __REACT_DEVTOOLS_GLOBAL_HOOK__: hook })
  })
}

/** How many were drawn since it was asked last. */
export async function redrawsSince(page: Page): Promise<number> {
  return page.evaluate(() => {
    const { redraws } = window
    window.redraws = 0
    return redraws
  })
}
