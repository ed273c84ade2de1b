import { done, refused, type Outcome } from '../quantity';

/** Parses JSON text; refuses what is none, and what nests deeper than `mostDepth`. */
export function parseJson(text: string, mostDepth: number): Outcome<unknown> {
  if (isDeeperThan(mostDepth, text)) {
    return refused(`The lists and objects of this file go more than ${mostDepth} deep.`);
  }
  try {
    return done(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    const reason = error instanceof Error ? error.message.replace(/\s+/g, ' ').slice(0, 120) : '';
    return refused(`This is not a JSON file (${reason}).`);
  }
}

/**
 * Whether JSON text nests deeper than `most`, in one pass over it. Parsers take very long, or run out of room,
 * over text that was made to be deep.
 */
function isDeeperThan(most: number, text: string): boolean {
  let depth = 0;
  let isInText = false;
  for (let at = 0; at < text.length; at += 1) {
    const character = text.charCodeAt(at);
    if (isInText) {
      if (character === backslash) at += 1;
      else if (character === quote) isInText = false;
    } else if (character === quote) isInText = true;
    else if (character === openBracket || character === openBrace) depth += 1;
    else if (character === closeBracket || character === closeBrace) depth -= 1;
    if (depth > most) return true;
  }
  return false;
}

const [quote, backslash, openBracket, closeBracket, openBrace, closeBrace] = [...'"\\[]{}'].map(
  (character) => character.charCodeAt(0),
);
