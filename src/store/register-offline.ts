/** Lets the browser keep the app for use without a network. Only in a built app: a dev server changes too often. */
export function registerOffline(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
  const register = () => void navigator.serviceWorker.register('/service-worker.js').catch(() => undefined);
  if (document.readyState === 'complete') register();
  else window.addEventListener('load', register);
}
