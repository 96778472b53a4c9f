// What the sample sheets are built from: page frame, writing lines, tables, and a few drawings.
export const lines = (count, height = 9) => `<div class="lines">${`<i style="height:${height}mm"></i>`.repeat(count)}</div>`;
export const gap = (mm = 30) => `<span class="gap" style="width:${mm}mm"></span>`;
export const box = (w, h) => `<span class="box" style="width:${w}mm;height:${h}mm"></span>`;
export const tick = (words) => `<span class="choice"><span class="tick"></span>${words}</span>`;
export const nameLine = `<p class="nameline"><b>Name</b> ${gap(78)} <b>Date</b> ${gap(38)}</p>`;
export const table = (rows, { head = true, widths = [], height = 9 } = {}) => `<table>${widths.length ? `<colgroup>${widths.map((w) => `<col style="width:${w}">`).join('')}</colgroup>` : ''}${rows.map((cells, r) => `<tr style="height:${height}mm">${cells.map((c) => (head && r === 0 ? `<th>${c}</th>` : `<td>${c}</td>`)).join('')}</tr>`).join('')}</table>`;
export const tasks = (...items) => `<ol class="tasks">${items.map((i) => `<li>${i}</li>`).join('')}</ol>`;

export const boat = `<svg class="boat" viewBox="0 0 320 200" width="150mm"><g fill="none" stroke="#222" stroke-width="1.6">
<path d="M40 140 L282 140 L252 176 L74 176 Z"/><path d="M150 140 L150 20"/><path d="M154 28 L154 128 L236 128 Z"/><path d="M146 44 L146 128 L92 128 Z"/>
<path d="M70 182 Q100 190 130 182 T190 182 T250 182 T300 182" stroke="#888"/><path d="M244 140 L262 128 L262 100"/><rect x="186" y="132" width="30" height="8"/></g>
<g stroke="#555" stroke-width=".8"><path d="M150 30 L60 14"/><path d="M214 90 L290 70"/><path d="M112 112 L40 84"/><path d="M60 158 L14 170"/><path d="M268 156 L306 150"/></g></svg>`;

export const chart = `<svg class="chart" viewBox="-14 -14 300 230" width="150mm"><g stroke="#7d8f97" stroke-width=".7">
${Array.from({ length: 9 }, (_, i) => `<path d="M${i * 34} 0V204"/>`).join('')}${Array.from({ length: 7 }, (_, i) => `<path d="M0 ${i * 34}H272"/>`).join('')}</g>
<path d="M0 150 C40 120 60 170 104 150 S150 90 190 96 240 60 272 70 V204 H0 Z" fill="#e9e2cf" stroke="#555"/>
<g font-size="9" text-anchor="middle">${'ABCDEFGH'.split('').map((c, i) => `<text x="${i * 34 + 17}" y="-4">${c}</text>`).join('')}${[1, 2, 3, 4, 5, 6].map((n, i) => `<text x="-8" y="${i * 34 + 20}">${n}</text>`).join('')}
<text x="85" y="56">⚓ buoy</text><text x="221" y="22">▲ light</text><text x="51" y="124">wreck</text><text x="187" y="158">quay</text><text x="119" y="90">ferry</text></g></svg>`;

export const foodWeb = (filled) => {
    const at = { 'green seaweed': [60, 190], plankton: [230, 190], limpet: [30, 120], mussel: [150, 120], 'sea snail': [270, 120], crab: [70, 55], 'rock fish': [210, 55], gull: [140, 8] };
    const eats = [['green seaweed', 'limpet'], ['plankton', 'mussel'], ['green seaweed', 'sea snail'], ['limpet', 'crab'], ['mussel', 'crab'], ['sea snail', 'rock fish'], ['crab', 'gull'], ['rock fish', 'gull']];
    const hidden = ['limpet', 'crab', 'rock fish'];
    return `<svg viewBox="-30 -12 370 230" width="165mm"><g stroke="#444" stroke-width="1">${eats.map(([a, b]) => `<path d="M${at[a][0]} ${at[a][1] - 12} L${at[b][0]} ${at[b][1] + 12}"/>`).join('')}</g>
<g font-size="10" text-anchor="middle">${Object.entries(at).map(([n, [x, y]]) => `<rect x="${x - 38}" y="${y - 12}" width="76" height="24" fill="#fff" stroke="#222"/><text x="${x}" y="${y + 4}">${hidden.includes(n) && !filled ? '' : n}</text>`).join('')}</g></svg>`;
};

export const document = (size, title, css, pages) => `<!doctype html><html lang="en"><meta charset="utf-8"><title>${title}</title><style>
@page{size:${size};margin:0}*{box-sizing:border-box}body{margin:0;font:11.5pt/1.45 "DejaVu Sans",sans-serif;color:#1c1c1c}
section{position:relative;width:100%;page-break-after:always;overflow:hidden;padding:18mm 18mm 16mm}section:last-child{page-break-after:auto}
h1{font-size:22pt;margin:0 0 3mm}h2{font-size:16pt;margin:0 0 2mm}h3{font-size:12.5pt;margin:5mm 0 1.5mm}p{margin:0 0 2.5mm}
.lines i{display:block;border-bottom:.9pt solid #555}.gap{display:inline-block;border-bottom:.9pt solid #333;height:1em;vertical-align:baseline}
.box{display:inline-block;border:1.1pt solid #222;vertical-align:middle}.tick{display:inline-block;width:4.2mm;height:4.2mm;border:1pt solid #222;margin-right:2mm;vertical-align:-.6mm}
.choice{display:inline-block;margin-right:9mm}table{border-collapse:collapse;width:100%;margin:2mm 0}td,th{border:.8pt solid #333;padding:1mm 2.2mm;text-align:left;font-size:10.5pt}th{background:#e6edf0}
.tasks{margin:0;padding-left:7mm}.tasks>li{margin-bottom:4mm}.nameline{margin-bottom:5mm}.foot{position:absolute;left:18mm;right:18mm;bottom:8mm;font-size:8pt;color:#666;display:flex;justify-content:space-between}
.head{position:absolute;left:18mm;right:18mm;top:8mm;font-size:8pt;color:#666;display:flex;justify-content:space-between;border-bottom:.5pt solid #aaa}
${css}</style><body>${pages.join('')}</body></html>`;
