/// <reference lib="webworker" />
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

/*
 * Keeps the page itself on the device: scripts, styles, letters, and the two pages everything is drawn on. What is asked
 * of the application goes past it; the page keeps what it needs of that on its own.
 *
 * A newer version of this waits until all pages of the older one are closed.
 */
declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] }

const floor = '/floor/0'
const rest = '/'

cleanupOutdatedCaches()
precacheAndRoute(self.__WB_MANIFEST, { ignoreURLParametersMatching: [] })
registerRoute(new NavigationRoute(createHandlerBoundToURL(floor), { allowlist: [/^\/floor\/\d+(\/with\/\d+)?$/] }))
registerRoute(
  new NavigationRoute(createHandlerBoundToURL(rest), {
    denylist: [/^\/(api|sanctum|up|build|floor)(\/|$)/, /^\/sw\.js$/],
  }),
)
