/** Hands the browser a text to save under a name. */
export function saveFile(name: string, text: string, type: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  /* the download has begun by then; an address that is never given back keeps the text in memory */
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

/** A file name from a plan's name: letters, digits and hyphens. */
export function fileNameOf(name: string, ending: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase();
  return `${plain || 'plan'}.${ending}`;
}
