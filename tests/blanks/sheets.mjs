// The sheets: HTML with data-blank on what is to be filled in. What has none is a decoy.
const line = (width) => `<span class="fill" data-blank="line" style="width:${width}mm"></span>`;
const gap = (count) => `<span data-blank="gap">${'_'.repeat(count)}</span>`;
const dots = (count) => `<span data-blank="gap">${'.'.repeat(count)}</span>`;
const pad = (count, css = '') => `<div class="pad" data-blank="lines" style="${css}">${'<i></i>'.repeat(count)}</div>`;
const sq = '<span class="sq" data-blank="tick"></span>';
const ring = '<span class="ring" data-blank="tick"></span>';
const cell = '<td data-blank="cell"></td>';
const box = (css) => `<div class="frame" data-blank="box" style="${css}"></div>`;

export const sheets = [
    {
        name: 'lines',
        pages: [
            `<h2>At the weir</h2><p>Name ${line(60)} Date ${line(30)}</p><ol><li>The miller’s daughter is called ${line(40)} .</li><li>She has ${line(15)} brothers and ${line(15)} sisters.</li><li>Why did she leave? ${pad(3)}</li><li>What would you have done? Give two reasons. ${pad(4)}</li></ol>`,
            `<h2>Letter</h2><p>Dear ${line(50)},</p>${pad(9)}<p>Yours, ${line(50)}</p><p>1. ${line(120)}</p><p>2. ${line(120)}</p><p>3. ${line(120)}</p>`,
        ],
    },
    {
        name: 'gaps',
        size: ['8.5in', '11in'],
        css: 'body{font:13pt "DejaVu Serif",serif}',
        pages: [
            `<h2>Fill the gaps</h2><p>Name: ${gap(22)} Class: ${gap(8)}</p><p>The ${gap(10)} sails north with ${gap(6)} crates of fish. It is ${gap(5)} km to the harbour, and the wind is from the ${gap(12)}.</p><p>3 × ${gap(4)} = 21 &nbsp;&nbsp; 48 ÷ 6 = ${gap(4)} &nbsp;&nbsp; ${gap(4)} + 17 = 40</p><p>Capital of the island ${dots(30)}</p><p>Oldest house ${dots(30)}</p>`,
            `<h2>Short answers</h2><p>a) pilot ${gap(20)}</p><p>b) keel ${gap(20)}</p><p>c) tide ${gap(20)}</p><p>Longest word: ${gap(30)}</p>`,
        ],
    },
    {
        name: 'tables',
        pages: [
            `<h2>Tides</h2><table><tr><th>Day</th><th>High</th><th>Low</th><th style="width:40mm">Range</th></tr><tr><td>Monday</td><td>4.8</td><td>1.1</td>${cell}</tr><tr><td>Tuesday</td><td>5.1</td>${cell}${cell}</tr><tr><td>Wednesday</td>${cell}${cell}${cell}</tr></table><p>Sort the words.</p><table style="width:170mm"><tr><th>Birds</th><th>Fish</th><th>Shells</th></tr>${`<tr style="height:14mm">${cell.repeat(3)}</tr>`.repeat(3)}</table>`,
            `<h2>Compare</h2><table style="width:170mm;table-layout:fixed"><tr><td></td><td><b>Heron</b></td><td><b>Curlew</b></td></tr><tr style="height:25mm"><td><b>Food</b></td>${cell.repeat(2)}</tr><tr style="height:25mm"><td><b>Nest</b></td>${cell.repeat(2)}</tr></table>`.replace(
                '<td></td><td><b>Heron',
                '<td style="background:#ddd"></td><td><b>Heron',
            ),
        ],
    },
    {
        name: 'boxes',
        size: ['8.5in', '11in'],
        pages: [
            `<h2>Draw and say</h2><p>Draw the lighthouse.</p>${box('height:60mm')}<p>What is on the top?</p>${box('height:18mm;width:120mm')}<p>Tick what you see.</p><p>${sq} a lamp &nbsp; ${sq} a bell &nbsp; ${sq} a flag</p><p>${ring} yes &nbsp; ${ring} no &nbsp; ${ring} not sure</p>`,
            `<h2>Story in four pictures</h2><div style="display:grid;grid-template-columns:1fr 1fr;gap:8mm">${[1, 2, 3, 4].map(() => `<div>${box('height:55mm')}${pad(2)}</div>`).join('')}</div>`,
        ],
    },
    {
        name: 'mixed',
        css: 'body{font:11pt "Liberation Sans",Arial,sans-serif}h2{border-bottom:2px solid #234;padding-bottom:1mm}',
        pages: [
            `<h2>The ferry</h2><p style="text-align:right">Name: ${line(50)}</p><div style="columns:2;column-gap:10mm"><p>1. Who steers? ${line(30)}</p><p>2. Where does it land? ${line(25)}</p><p>3. How long is the crossing? ${line(12)} min</p><p>4. Which is right?</p><p>${sq} It runs at night.</p><p>${sq} It runs by day.</p><p>5. Say why. ${pad(3)}</p></div><h2>Numbers</h2><table><tr><th>Boats</th><td>1</td><td>2</td>${cell.replace('<td', '<td style="width:15mm"')}<td>4</td></tr><tr><th>Seats</th><td>12</td>${cell.replace('<td', '<td style="width:15mm"')}<td>36</td>${cell.replace('<td', '<td style="width:15mm"')}</tr></table>`,
            `<h2>Plan</h2><p>My idea</p>${box('height:30mm;border-radius:4mm')}<p>Steps</p>${pad(6)}<p>I need: ${gap(14)}, ${gap(14)} and ${gap(14)}.</p>`,
        ],
    },
    {
        name: 'landscape',
        size: ['11in', '8.5in'],
        css: 'body{font:14pt "DejaVu Sans",sans-serif}',
        pages: [
            `<h2>Word work</h2><p>Name ${line(80)}</p><table style="width:230mm"><tr><th>Word</th><th>Meaning</th><th>My sentence</th></tr>${['quay', 'buoy', 'weir'].map((word) => `<tr style="height:16mm"><td>${word}</td>${cell}${cell}</tr>`).join('')}</table><p>Best word: ${gap(16)} because ${gap(20)}</p>`,
        ],
    },
    {
        name: 'decoys',
        css: '.rule{border-bottom:1px solid #333;margin:4mm 0}.grid td{width:6mm;height:6mm;padding:0}',
        pages: [
            `<h1 style="border-bottom:3px solid #333">The harbour today</h1><p>The <u>Marigold</u> came in with <u>forty crates of herring</u> before noon, and the pilot boat went out to meet the <b>collier</b> from the north.</p><h2 style="border-bottom:1px solid #999">Weather</h2><p>Wind from the east, light. The glass is falling.</p><div class="rule"></div><p>Printed at the quay.</p>`,
            `<h2>Contents</h2>${['Tides', 'Boats', 'Birds', 'Words'].map((word, n) => `<p>${word} ${'.'.repeat(60)} ${4 + n * 3}</p>`).join('')}`,
            `<h2>Times</h2><table><tr><th>Day</th><th>High</th><th>Low</th></tr><tr><td>Mon</td><td>06:12</td><td>12:20</td></tr><tr><td>Tue</td><td>06:58</td><td>13:05</td></tr></table><p>Use the table above.</p>`,
            `<h2>Graph</h2><table class="grid">${`<tr>${'<td></td>'.repeat(20)}</tr>`.repeat(14)}</table>`,
            `<div style="border:2px solid #333;height:255mm;padding:8mm"><h2>Certificate</h2><p>This is given for good work at the harbour school.</p></div>`,
            `<svg width="500" height="300"><line x1="40" y1="260" x2="460" y2="260" stroke="#000" stroke-width="1.5"/><line x1="40" y1="20" x2="40" y2="260" stroke="#000" stroke-width="1.5"/><polyline points="40,240 120,180 200,200 280,90 360,120 440,40" fill="none" stroke="#a33" stroke-width="2"/></svg><p>Fish landed in tons.</p>`,
            `<svg width="600" height="60"><line x1="20" y1="30" x2="580" y2="30" stroke="#000"/>${Array.from({ length: 11 }, (_, n) => `<line x1="${20 + n * 56}" y1="22" x2="${20 + n * 56}" y2="38" stroke="#000"/>`).join('')}</svg><p>0 &nbsp; 10 &nbsp; 20 &nbsp; 30</p><div style="background:#e8ddc0;padding:5mm">A panel of words in a colour of its own, with nothing to fill in.</div>`,
            `<p style="border-top:2px dashed #555;padding-top:3mm">Cut here</p><p>Keep this half.</p><div style="border-top:2px dashed #555;margin-top:60mm"></div>`,
            `<ul>${['Bring a coat.', 'Bring a pencil.', 'Bring a friend.'].map((item) => `<li>${item}</li>`).join('')}</ul><hr><p>From the office.</p><hr>`,
            `<h2>Map</h2><svg width="480" height="360"><rect x="10" y="10" width="460" height="340" fill="#eef" stroke="#333"/><path d="M10 200 C 100 150 200 260 300 180 S 420 120 470 160" fill="none" stroke="#357" stroke-width="3"/><circle cx="120" cy="90" r="8" fill="none" stroke="#333"/></svg><p>The island of Sorrel.</p>`,
        ],
    },
];
