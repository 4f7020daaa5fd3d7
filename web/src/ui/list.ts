const BOTH = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** 'a, b and c'. */
export const list = (words: readonly string[]): string => BOTH.format(words);
