import { parseDocument } from 'htmlparser2';
import { recipeOfJsonLd, recipesIn } from './json-ld.ts';
import { sectionsOf } from './sections.ts';

/** What a page or a clipping holds, before any of it is understood. */
export interface RawRecipe {
  readonly title?: string | undefined;
  readonly yieldText?: string | undefined;
  readonly ingredients: readonly RawLine[];
  readonly method: readonly RawLine[];
  /** Times and portions, as lines of their own. */
  readonly facts?: readonly string[] | undefined;
  /** Lines that are neither. */
  readonly other: readonly string[];
}

export interface RawLine {
  readonly text: string;
  /** The heading it stands under: "Marinade". */
  readonly group?: string | undefined;
}

/** @throws RangeError when there is nothing to read */
export function rawRecipe(input: string): RawRecipe {
  const text = input.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  if (text.trim() === '') throw new RangeError('There is nothing to read: paste a recipe first.');
  if (/^\s*[{[]/.test(text)) {
    const found = fromJson(text);
    if (found) return found;
  }
  if (/<(?:!doctype html|html|head|body|script|div|article|ul|ol|p|h[1-6])\b/i.test(text))
    return fromHtml(text);
  return sectionsOf(text);
}

function fromJson(text: string): RawRecipe | undefined {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return undefined;
  }
  const [recipe] = recipesIn(data);
  if (recipe) return recipeOfJsonLd(recipe);
  // JSON that is no recipe is kept, word for word.
  return {
    ingredients: [],
    method: [],
    other: text.split('\n').filter((line) => line.trim() !== ''),
  };
}

type Node = ReturnType<typeof parseDocument>['children'][number];

/** A saved page: its embedded recipe, else its marked-up properties, else its plain text. */
function fromHtml(html: string): RawRecipe {
  const { children } = parseDocument(html);
  const scripts = all(
    children,
    (node) => tag(node) === 'script' && /ld\+json/i.test(attribute(node, 'type')),
  );
  for (const script of scripts) {
    const found = fromJson(rawText(script));
    if (found && found.ingredients.length + found.method.length > 0) return found;
  }
  const marked = fromProperties(children);
  if (marked) return marked;
  return sectionsOf(textOf(children));
}

function fromProperties(nodes: readonly Node[]): RawRecipe | undefined {
  const scope = all(nodes, (node) => /schema\.org\/Recipe/i.test(attribute(node, 'itemtype')))[0];
  if (!scope) return undefined;
  const of = (...names: string[]) =>
    all([scope], (node) => names.includes(attribute(node, 'itemprop')))
      .map((node) => attribute(node, 'content') || textOf([node]).trim())
      .filter((one) => one !== '');
  const lines = (texts: string[]): RawLine[] =>
    texts
      .flatMap((text) => text.split('\n'))
      .flatMap((text) => (text.trim() === '' ? [] : [{ text: text.trim() }]));
  return {
    title: of('name')[0]?.split('\n')[0],
    yieldText: of('recipeYield', 'yield')[0],
    ingredients: lines(of('recipeIngredient', 'ingredients')),
    method: lines(of('recipeInstructions', 'instructions')),
    other: [],
  };
}

function tag(node: Node): string {
  return 'name' in node ? node.name.toLowerCase() : '';
}

function attribute(node: Node, name: string): string {
  return 'attribs' in node ? (node.attribs[name] ?? '') : '';
}

function childrenOf(node: Node): Node[] {
  return 'children' in node ? node.children : [];
}

function all(nodes: readonly Node[], wanted: (node: Node) => boolean): Node[] {
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
function textOf(nodes: readonly Node[]): string {
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

function rawText(node: Node): string {
  return childrenOf(node)
    .map((child) => (child.type === 'text' ? child.data : ''))
    .join('');
}

/** Markup inside a string of data, as plain text. */
export function plainText(markup: string): string {
  return /[<&]/.test(markup) ? textOf(parseDocument(markup).children).trim() : markup.trim();
}
