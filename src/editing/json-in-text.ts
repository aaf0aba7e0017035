/** The longest tag that is looked into, characters. */
const LONGEST_TAG = 500;

/** The JSON in a text: the text itself, or what a saved page carries as JSON-LD. Goes through the text once, whatever stands in it. */
export function jsonIn(text: string): string {
  const page = text.toLowerCase();
  let open = -1;
  for (let from = page.indexOf('<script'); from >= 0; from = page.indexOf('<script', from + 1)) {
    if (open < from) open = page.indexOf('>', from);
    if (open < 0) break;
    /* a tag is no longer than this; what is longer is none */
    if (open - from > LONGEST_TAG || !page.slice(from, open).includes('application/ld+json')) continue;
    const close = page.indexOf('</script', open);
    /* and none further on either */
    return close >= 0 ? text.slice(open + 1, close) : text;
  }
  return text;
}
