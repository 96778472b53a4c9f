/** A text as it is looked for: accents and capitals do not matter. */
export const plain = (text) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
