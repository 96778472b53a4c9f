const ADDRESS = /^(https?:\/\/[^\s/?#@:]+(:\d+)?([/?#]\S*)?|mailto:[^\s@]+@[^\s@]+)$/i;

/** What somebody typed as an address of the web or of mail, whole; null where it is none. */
export function addressOf(typed) {
    const trimmed = typed.trim();
    const address = /^[a-z]+:/i.test(trimmed) ? trimmed : `https://${trimmed}`;
    return ADDRESS.test(address) ? address : null;
}
