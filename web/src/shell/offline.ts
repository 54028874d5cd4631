/** Kept by the service worker under this name; vite.config.ts says what. */
const DAY = "wexis-day";

/** Makes the page open without a network too. Where the browser does not allow it (no trusted certificate), Wexis works as before. */
export function keepForOffline(): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  navigator.serviceWorker.register("/sw.js").catch((e: unknown) => {
    console.warn("This browser will not open Wexis without a network.", e);
  });
}

/** Signing out: nothing that was read stays on this device. */
export async function forgetTheDay(): Promise<void> {
  if ("caches" in globalThis) await caches.delete(DAY);
}
