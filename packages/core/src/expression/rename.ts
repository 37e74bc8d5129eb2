import { identifierOf } from '../model';
import { quoted, readTokens } from './parse';

/**
 * An expression in which one name is called otherwise. Names of screens stand in isUp( ) and cameFrom( ) only.
 * @param spared where names begin that mean something else: fields of rows
 */
export function renameIn(
  text: string,
  what: 'name' | 'screen',
  from: string,
  to: string,
  spared: ReadonlySet<number> = NONE,
): string {
  const tokens = readTokens(text);
  const old = identifierOf(from);
  let made = '';
  let at = 0;
  tokens.forEach((token, i) => {
    const asked = tokens[i - 1]?.text === '(' && /^(isUp|cameFrom)$/.test(tokens[i - 2]?.text ?? '');
    const calls = tokens[i + 1]?.text === '(';
    const own = tokens[i - 1]?.text !== '.' && !spared.has(token.from);
    const named = token.kind === 'name' && token.text === old && !calls && own;
    const spelled = token.kind === 'text' && token.text.slice(1, -1).toLowerCase() === from.toLowerCase();
    const hit = what === 'screen' ? asked && (named || spelled) : named && !asked;
    if (!hit) return;
    made += text.slice(at, token.from) + (spelled ? quoted(to) : identifierOf(to));
    at = token.to;
  });
  return made + text.slice(at);
}

const NONE: ReadonlySet<number> = new Set();
