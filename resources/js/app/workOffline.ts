/**
 * Lets the browser keep the page itself, so that it opens without a network. A newer version waits until every page of
 * the older one is closed: nothing is ever reloaded under somebody's hands.
 *
 * Browsers allow it on this machine and over https alone; over plain http in the house everything else works.
 */
export function workOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  window.addEventListener('load', () => {
    navigator.serviceWorker.register('/sw.js').catch(() => undefined)
  })
}
