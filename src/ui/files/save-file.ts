/** Hands a text to the browser as a download. */
export const saveTextFile = (text: string, type: string, name: string): void =>
  saveBlob(new Blob([text], { type }), name);

/** Hands a file to the browser as a download. */
export function saveBlob(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
