/** Which kitchen the page in this tab is of, by its key; null at the door and where nothing says so. */
export function placeHere(): string | null {
  if (typeof document === 'undefined') return null;
  return document.querySelector<HTMLElement>('[data-place]')?.dataset.place ?? null;
}
