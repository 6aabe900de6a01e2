/**
 * The address of a file or page of the app, wherever on its host the app lies: beside its manifest.
 *
 * @param path without a leading slash: "service-worker.js", "?demo=1"; empty for the first page
 */
export const atBase = (path: string): string => {
  const manifest = document.querySelector<HTMLLinkElement>('link[rel="manifest"]')?.href;
  const folder = new URL('.', manifest ?? `${window.location.origin}/`);
  return new URL(path, folder).href;
};
