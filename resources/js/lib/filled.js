// What counts as filled in, as far as it can be said before the server has: see OpenSlate\Copies\Answer.
export const isFilled = (text) => /[^\s\p{Z}\p{C}]/u.test(text);
