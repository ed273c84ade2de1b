import { fileSays } from '../refusals/files';
import { done, refused, type Outcome } from '../quantity';
import { mostNodes } from './limits';

/**
 * Parses JSON text; refuses what is none, what nests deeper than `mostDepth`, and what has more lists and objects than
 * any bench. The text is looked through first, as parsers take very long over text that was made to be deep or many.
 */
export function parseJson(text: string, mostDepth: number): Outcome<unknown> {
  const why = whyNotParsed(text, mostDepth);
  if (why) return refused(why);
  try {
    return done(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    const reason = error instanceof Error ? error.message.replace(/\s+/g, ' ') : '';
    return refused(fileSays.noJson(reason));
  }
}

function whyNotParsed(text: string, mostDepth: number): string | null {
  let depth = 0;
  let nodes = 0;
  let isInText = false;
  for (let at = 0; at < text.length; at += 1) {
    const character = text.charCodeAt(at);
    if (isInText) {
      if (character === backslash) at += 1;
      else if (character === quote) isInText = false;
    } else if (character === quote) isInText = true;
    else if (character === openBracket || character === openBrace) {
      depth += 1;
      nodes += 1;
    } else if (character === closeBracket || character === closeBrace) depth -= 1;
    if (depth > mostDepth) return fileSays.deepFile(mostDepth);
    if (nodes > mostNodes) return fileSays.manyNodes(mostNodes);
  }
  return null;
}

const [quote, backslash, openBracket, closeBracket, openBrace, closeBrace] = [...'"\\[]{}'].map(
  (character) => character.charCodeAt(0),
);
