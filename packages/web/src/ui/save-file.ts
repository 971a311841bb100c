/** Long enough for a browser to have taken the file. */
const TAKEN_MS = 1000;

/** Hand a text to the reader as a file. */
export function saveFile(name: string, type: string, text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), TAKEN_MS);
}
