import { notify } from '../notices/notify.ts';

/** What goes before the document in the address of a link. */
const MARK = '#z=';

/** An address that carries a whole document, compressed; nothing of it ever reaches a server. */
async function linkOf(document: unknown, origin: string): Promise<string> {
  const text = JSON.stringify(document);
  const packed = await through(new Blob([text]), new CompressionStream('deflate-raw'));
  return `${origin}/open${MARK}${toBase64(packed)}`;
}

/** Copies such a link; where nothing may be copied, a new page's address bar holds it. */
export async function copyLinkOf(document: unknown, copied: string): Promise<void> {
  const link = await linkOf(document, location.origin);
  try {
    await navigator.clipboard.writeText(link);
    notify(copied);
  } catch {
    window.open(link);
  }
}

/**
 * The text of the document in such an address.
 *
 * @param hash what stands after the path, with its mark
 * @throws Error where it carries none, or was cut off on its way
 */
export async function textOfLink(hash: string): Promise<string> {
  if (!hash.startsWith(MARK)) throw new Error('This link carries nothing.');
  try {
    const packed = fromBase64(hash.slice(MARK.length));
    const bytes = await through(new Blob([packed]), new DecompressionStream('deflate-raw'));
    return new TextDecoder().decode(bytes);
  } catch {
    throw new Error('The link was cut off on its way. Send it again, or send the file.');
  }
}

async function through(blob: Blob, way: CompressionStream): Promise<Uint8Array<ArrayBuffer>> {
  const stream = blob.stream().pipeThrough(way);
  return new Uint8Array(await new Response(stream).arrayBuffer());
}

/** For an address: only signs that need no other name in one. */
function toBase64(bytes: Uint8Array): string {
  const signs = Array.from(bytes, (byte) => String.fromCharCode(byte)).join('');
  return btoa(signs).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

function fromBase64(text: string): Uint8Array<ArrayBuffer> {
  const signs = atob(text.replaceAll('-', '+').replaceAll('_', '/'));
  return Uint8Array.from(signs, (sign) => sign.charCodeAt(0));
}
