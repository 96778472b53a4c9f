// Page numbers to and from "1-5, 8, 11-" while they are being typed. The server has the last word on what is valid.

export function format(pages) {
    const runs = [];
    for (const page of [...pages].sort((a, b) => a - b)) {
        const last = runs.at(-1);
        if (last && last[1] === page - 1) last[1] = page;
        else runs.push([page, page]);
    }
    return runs.map(([from, to]) => (from === to ? `${from}` : `${from}-${to}`)).join(', ');
}

export function parse(text, count) {
    const pages = new Set();
    for (const piece of text.split(/[,;]/)) {
        const match = piece.trim().match(/^(\d*)\s*(?:(-|–|—|to)\s*(\d*))?$/);
        if (!match || (match[1] === '' && !match[3])) continue;
        const from = match[1] === '' ? 1 : Number(match[1]);
        const to = match[3] ? Number(match[3]) : match[2] ? count : from;
        for (let page = Math.max(1, from); page <= Math.min(count, to); page += 1) pages.add(page);
    }
    return pages;
}
