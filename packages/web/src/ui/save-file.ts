/** Long enough for a browser to have taken the file. */
const TAKEN_MS = 1000;

/** Hand a text, or the bytes of a document, to the reader as a file. */
export function saveFile(name: string, type: string, content: string | Uint8Array): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([content as BlobPart], { type }));
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), TAKEN_MS);
}
