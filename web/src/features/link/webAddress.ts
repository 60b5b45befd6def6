/** The address of a web page as somebody types or pastes it, with https:// where they left it out; else nothing. */
export function webAddress(typed: string): string | undefined {
  const text = typed.trim();
  try {
    const url = new URL(text.includes('://') ? text : `https://${text}`);
    const isPage =
      /^https?:$/.test(url.protocol) && url.hostname.includes('.') && !url.username && !/\s/.test(text);
    return isPage ? url.href : undefined;
  } catch {
    return undefined;
  }
}
