import { parseDocument } from 'htmlparser2';

/** Pages as text: parsed, never run. */

export type Node = ReturnType<typeof parseDocument>['children'][number];

export function tag(node: Node): string {
  return 'name' in node ? node.name.toLowerCase() : '';
}

export function attribute(node: Node, name: string): string {
  return 'attribs' in node ? (node.attribs[name] ?? '') : '';
}

function childrenOf(node: Node): Node[] {
  return 'children' in node ? node.children : [];
}

export function all(nodes: readonly Node[], wanted: (node: Node) => boolean): Node[] {
  return nodes.flatMap((node) => [
    ...(wanted(node) ? [node] : []),
    ...all(childrenOf(node), wanted),
  ]);
}

const SILENT = new Set([
  'script',
  'style',
  'noscript',
  'template',
  'svg',
  'nav',
  'footer',
  'iframe',
  'button',
]);
const BLOCKS = new Set(
  'p div li ul ol h1 h2 h3 h4 h5 h6 br tr table section article header main blockquote dt dd'.split(
    ' ',
  ),
);

/** The text of a page as it reads: a line for each block, nothing that is not shown. */
export function textOf(nodes: readonly Node[]): string {
  const text = nodes
    .map((node): string => {
      const name = tag(node);
      if (SILENT.has(name)) return '';
      if (node.type === 'text') return node.data.replace(/\s+/g, ' ');
      if (name === 'br') return '\n';
      const inside = childrenOf(node)
        .map((child) => textOf([child]))
        .join('');
      if (/^h[1-6]$/.test(name)) return `\n# ${inside.trim()}\n`;
      if (name === 'li') return `\n- ${inside.trim()}\n`;
      return BLOCKS.has(name) ? `\n${inside}\n` : inside;
    })
    .join('');
  return text
    .replace(/[ \t]+\n/g, '\n')
    .replace(/\n[ \t]+/g, '\n')
    .replace(/\n{3,}/g, '\n\n');
}

export function rawText(node: Node): string {
  return childrenOf(node)
    .map((child) => (child.type === 'text' ? child.data : ''))
    .join('');
}

/** Markup inside a string of data, as plain text. */
export function plainText(markup: string): string {
  return /[<&]/.test(markup) ? textOf(parseDocument(markup).children).trim() : markup.trim();
}
