// Pages of what blank finders miss or wrongly take, a kind of trouble each: HTML with data-blank on what is to be
// filled in; what has none is a decoy. Each kind has pages that are worked on and one that is kept apart, so that what
// was learnt from the others can be told from what was only fitted to them.
const line = (width, css = '') => `<span class="fill" data-blank="line" style="width:${width}mm;${css}"></span>`;
const gap = (count, letter = '_') => `<span data-blank="gap">${letter.repeat(count)}</span>`;
const tick = (side, css = '') =>
    `<span class="sq" data-blank="tick" style="width:${side}pt;height:${side}pt;${css}"></span>`;
const box = (css, inner = '') => `<div class="frame" data-blank="box" style="${css}">${inner}</div>`;
const cell = (inner = '', css = '') => `<td data-blank="cell" style="${css}">${inner}</td>`;
const rows = (list, make) => list.map(make).join('');
const at = (x, y, inner, css = '') => `<div style="position:absolute;left:${x}mm;top:${y}mm;${css}">${inner}</div>`;

const page = (kind, name, html, more = {}) => ({ kind, name, html, ...more });
const held = (kind, name, html, more = {}) => ({ kind, name, html, held: true, ...more });

const serif = 'section{font:12pt "DejaVu Serif",serif}';
const small = 'section{font:10pt "Liberation Sans",sans-serif}';

export const pages = [
    // 1. Small squares to tick.
    page(
        'small ticks',
        'packing list',
        `<h2>Before we sail</h2><p>Tick what is aboard.</p>${rows(['rope', 'lamp', 'charts', 'biscuits', 'fresh water', 'flares'], (word) => `<p>${tick(7)} ${word}</p>`)}<p>Who checked? ${line(70)}</p>`,
    ),
    page(
        'small ticks',
        'yes and no',
        `<h2>True or false?</h2><table class="open" style="width:170mm">${rows(['The ebb runs out to sea.', 'A buoy is tied to the sea bed.', 'Curlews have short bills.', 'Salt marsh floods at spring tides.'], (words) => `<tr><td style="width:110mm">${words}</td><td>${tick(8)} true</td><td>${tick(8)} false</td></tr>`)}</table><p style="font-size:9pt">${tick(6.5)} I worked alone &nbsp; ${tick(6.5)} with a partner &nbsp; ${tick(6.5)} with help</p>`,
        { css: '.open td{border:0}' },
    ),
    held(
        'small ticks',
        'choices in columns',
        `<h3>Choose one each time</h3><div style="columns:2">${rows([1, 2, 3, 4], (n) => `<p>${n}. The harbour master said</p><p>${tick(7.5)} wait</p><p>${tick(7.5)} cast off</p><p>${tick(7.5)} drop anchor</p>`)}</div>`,
        { css: small },
    ),

    // 2. A small caption within a box or a cell.
    page(
        'captions within',
        'diary',
        `<h2>My week at the shore</h2><table style="width:174mm;table-layout:fixed"><tr style="height:32mm;vertical-align:top">${rows(['Mon', 'Tue', 'Wed'], (day) => cell(`<small>${day}</small>`))}</tr><tr style="height:32mm;vertical-align:top">${rows(['Thu', 'Fri', 'Sat'], (day) => cell(`<small>${day}</small>`))}</tr></table>${box('height:40mm;margin-top:8mm;padding:2mm', '<small>Draw it here</small>')}`,
    ),
    page(
        'captions within',
        'units',
        `<h2>Measure</h2><table style="width:150mm"><tr><th>What</th><th style="width:40mm">Length</th><th style="width:40mm">Weight</th></tr>${rows(['limpet', 'whelk', 'crab'], (word) => `<tr style="height:11mm"><td>${word}</td>${cell('<small>cm</small>', 'text-align:right')}${cell('<small>g</small>', 'text-align:right')}</tr>`)}</table><p>The answer:</p>${box('width:70mm;height:14mm;text-align:right;padding:4mm 3mm', '<small>metres</small>')}<p>In tens:</p>${box('width:70mm;height:14mm;padding:4mm 3mm', '£')}`,
    ),
    page(
        'captions within',
        'lettered frames',
        `<h2>Draw each knot</h2><div style="display:grid;grid-template-columns:1fr 1fr;gap:6mm">${rows(['A', 'B', 'C', 'D'], (letter) => box('height:62mm;padding:2mm', `<b>${letter}</b>`))}</div><p>The hardest was ${line(60)}</p>`,
    ),
    held(
        'captions within',
        'numbered frames',
        `<h2>Tell it in six pictures</h2><div style="display:grid;grid-template-columns:1fr 1fr 1fr;gap:5mm">${rows([1, 2, 3, 4, 5, 6], (n) => box('height:58mm;padding:1.5mm', `<b>${n}</b>`))}</div><p>Title: ${line(90)}</p>`,
    ),

    // 3. What a scanner leaves: many rules, close and thin.
    page(
        'residue',
        'thin pad',
        `<h2>The storm</h2><p>1. What did the keeper see?</p><div class="pad thin" data-blank="lines">${'<i></i>'.repeat(5)}</div><p>2. What did he do?</p><div class="pad thin" data-blank="lines">${'<i></i>'.repeat(7)}</div>`,
        { css: '.thin i{border-bottom:.4pt solid #777}' },
    ),
    page(
        'residue',
        'ticks and lines',
        `<h2>Check the nets</h2>${rows(['torn', 'wet', 'tangled'], (word) => `<p>${tick(10)} ${word} because ${line(90)}</p>`)}<p>Signed ${line(50, 'border-bottom-width:.5pt')} on ${line(30, 'border-bottom-width:.5pt')}</p>`,
    ),
    page(
        'residue',
        'faint pad',
        `<h2>Log of the lighthouse</h2><p>Keeper ${line(50, 'border-color:#aaa')}</p><div class="pad thin" data-blank="lines">${'<i></i>'.repeat(9)}</div><p>Seen by ${line(40, 'border-color:#888;border-bottom-width:.5pt')}</p>`,
        { css: '.thin i{border-bottom:.5pt solid #999;height:8.5mm}' },
    ),
    held(
        'residue',
        'grey pad',
        `<h2>Letter from the island</h2><p>Dear ${line(60, 'border-color:#999')}</p><div class="pad thin" data-blank="lines">${'<i></i>'.repeat(12)}</div><p>Your friend, ${line(60, 'border-color:#999')}</p>`,
        { css: '.thin i{border-bottom:.5pt solid #999;height:8mm}' },
    ),

    // 4. Rows with a label each.
    page(
        'labelled rows',
        'who what where',
        `<h2>Plan the report</h2><div class="rows">${rows(['Who', 'What', 'Where', 'When', 'Why'], (word) => `<div><b>${word}</b><span data-blank="line"></span></div>`)}</div>`,
        {
            css: '.rows div{display:flex;height:12mm;align-items:flex-end}.rows b{width:25mm}.rows span{flex:1;border-bottom:1px solid #222;height:9mm}',
        },
    ),
    page(
        'labelled rows',
        'numbers and two lines',
        `<h2>Five facts</h2>${rows([1, 2, 3, 4, 5], (n) => `<div style="position:relative;height:10mm"><span style="position:absolute;bottom:0">${n}</span><span data-blank="line" style="position:absolute;left:9mm;bottom:0;width:160mm;height:8mm;border-bottom:1px solid #333"></span></div>`)}<h3>Say more</h3><p>About the first</p><div class="pad" data-blank="lines"><i></i><i></i><i></i></div>`,
    ),
    held(
        'labelled rows',
        'letters outside',
        `<h2>Explain the words</h2>${rows(['ebb', 'neap', 'swell', 'slack', 'spring', 'set'], (word) => `<div style="position:relative;height:11mm"><i style="position:absolute;bottom:1mm;width:22mm;text-align:right">${word}</i><span data-blank="line" style="position:absolute;left:25mm;bottom:0;width:145mm;height:8mm;border-bottom:1px solid #333"></span></div>`)}`,
        { css: serif },
    ),

    // 5. Squares and rings that are letters; ticks under heads.
    page(
        'ballot shapes',
        'signs of a font',
        `<h2>Which birds?</h2>${rows(['☐', '❏', '◻', '□', '○', '◯'], (sign, n) => `<p><span data-blank="gaptick">${sign}</span> bird number ${n + 1}</p>`)}<p>[&nbsp;&nbsp;] the tern &nbsp;&nbsp; (&nbsp;&nbsp;) the knot</p>`.replace(
            /\[&nbsp;&nbsp;\]|\(&nbsp;&nbsp;\)/g,
            (sign) => `<span data-blank="gaptick">${sign}</span>`,
        ),
    ),
    page(
        'ballot shapes',
        'under heads',
        `<h2>How sure are you?</h2><table style="width:160mm"><tr><th></th><th>sure</th><th>nearly</th><th>not yet</th></tr>${rows(['I can read a tide table.', 'I can name five knots.', 'I can row.'], (words) => `<tr><td>${words}</td>${`<td style="text-align:center">${tick(11)}</td>`.repeat(3)}</tr>`)}</table>`,
    ),
    held(
        'ballot shapes',
        'rings under heads',
        `<h2>Survey</h2><table class="open" style="width:160mm"><tr><td></td><td>often</td><td>seldom</td><td>never</td></tr>${rows(['I swim', 'I fish', 'I sail', 'I read'], (words) => `<tr><td>${words}</td>${'<td><span class="ring" data-blank="tick"></span></td>'.repeat(3)}</tr>`)}</table><p>${rows(['⬜', '▢', '❑'], (sign) => `<span data-blank="gaptick">${sign}</span> choice &nbsp; `)}</p>`,
        { css: '.open td{border:0;text-align:center}' },
    ),

    // 6. Short lines.
    page(
        'short lines',
        'sums',
        `<h2>Sums</h2>${rows([1, 2, 3, 4], (n) => `<p>${n}) &nbsp; ${3 * n} + ${line(6)} = ${7 * n} &nbsp;&nbsp;&nbsp; ${line(5)} × ${n + 2} = ${5 * (n + 2)} &nbsp;&nbsp;&nbsp; ${frac(n, n + 3)} + ${frac(1, n + 3)}</p>`)}<p>Rule: take away ${line(7)} each time. The (${line(8)}) is full.</p>`,
    ),
    page(
        'short lines',
        'missing letters',
        `<h2>Spell</h2>${rows(['h', 'b', 't'], (letter) => `<p style="letter-spacing:1px">${letter}${line(4)}${letter}${line(4)}n &nbsp; means a kind of boat</p>`)}<p>Score ${line(5)} / 10</p>`,
    ),
    held(
        'short lines',
        'order',
        `<h2>Put in order</h2>${rows(['The crew comes aboard.', 'The sails go up.', 'The rope is let go.', 'The boat is painted.'], (words) => `<p>${line(5)} ${words}</p>`)}<p>${frac(3, 4)} of 20 is ${line(6)} and ${frac(2, 5)} of 20 is ${line(6)}</p>`,
        { css: small },
    ),

    // 7. Tinted, banded, dark cells.
    page(
        'tinted cells',
        'banded',
        `<h2>Log</h2><table style="width:170mm"><tr class="dark"><td>Day</td><td>Wind</td><td>Sea</td><td>Seen</td></tr>${rows(['Mon', 'Tue', 'Wed', 'Thu', 'Fri'], (day, n) => `<tr style="background:${n % 2 ? '#fff' : '#e6eef2'}"><td>${day}</td>${cell().repeat(3)}</tr>`)}</table>`,
        { css: '.dark td{background:#2b4a5c;color:#fff}' },
    ),
    page(
        'tinted cells',
        'blocked',
        `<h2>Boats and bays</h2><table style="width:120mm">${rows(['A', 'B', 'C', 'D'], (letter, n) => `<tr><th>${letter}</th>${rows([0, 1, 2, 3], (m) => (m === n ? '<td style="background:#555"></td>' : cell()))}</tr>`)}</table><p>Dark squares are left empty.</p>`,
    ),
    held(
        'tinted cells',
        'all tinted',
        `<h2>Words in families</h2><table style="width:170mm;background:#fdf3dc">${`<tr><th style="background:#e0b050">fish</th><th style="background:#e0b050">fisher</th><th style="background:#e0b050">fishing</th></tr>${`<tr style="height:12mm">${cell().repeat(3)}</tr>`.repeat(4)}`}</table>`,
    ),

    // 8. Panels, round corners, circles, combs, many squares.
    page(
        'panels',
        'on a tint',
        `<div style="background:#dfeaf0;padding:6mm;border-radius:5mm"><p>Name ${line(60)} Crew ${line(40)}</p><p>Say what a mole is.</p><div data-blank="box" style="background:#fff;height:25mm;width:150mm"></div><p>And a weir.</p><div data-blank="box" style="background:#fff;height:18mm;width:100mm;border-radius:3mm"></div></div>`,
    ),
    page(
        'panels',
        'rounds and combs',
        `<h2>Code words</h2><p>Your number</p><div style="display:flex">${rows([1, 2, 3, 4, 5, 6], () => '<span data-blank="cell" style="width:8mm;height:9mm;border:1px solid #222;margin-right:-1px"></span>')}</div><p>Write the totals in the rounds.</p><div style="display:flex;gap:9mm">${rows([1, 2, 3, 4], () => '<span data-blank="box" style="width:20mm;height:20mm;border:1.2px solid #222;border-radius:50%"></span>')}</div>${box('height:30mm;border-radius:6mm;margin-top:8mm')}`,
    ),
    page(
        'panels',
        'crossword',
        `<h2>Crossword</h2><table class="cw">${rows(['#1..2', '.##.#', '3....', '#.#.#', '4...#'], (row) => `<tr>${rows([...row], (one) => (one === '#' ? '<td class="no"></td>' : cell(one === '.' ? '' : `<sup>${one}</sup>`)))}</tr>`)}</table><p>Across: 1 a small bay (3); 3 a rope for a boat (5); 4 not high (4)</p><p>Down: 2 what lies on the beach (5)</p>`,
        {
            css: '.cw td{width:10mm;height:10mm;padding:0;vertical-align:top}.cw sup{font-size:6pt;padding-left:.6mm;line-height:1;vertical-align:top}.cw .no{background:#111}',
        },
    ),
    held(
        'panels',
        'times square',
        `<h2>Times square</h2><table class="sq10"><tr><th>×</th>${rows([2, 3, 4, 5, 6, 7, 8], (n) => `<th>${n}</th>`)}</tr>${rows([3, 6, 7, 8, 9], (n) => `<tr><th>${n}</th>${cell().repeat(7)}</tr>`)}</table><div style="background:#f4e4e4;border-radius:8mm;padding:5mm;margin-top:6mm"><p>Best time ${line(30)}</p>${box('background:#fff;height:16mm;border-radius:4mm')}</div>`,
        { css: '.sq10 td,.sq10 th{width:11mm;height:11mm;padding:0;text-align:center}' },
    ),

    // 9. Lines that a pointer touches.
    page(
        'pointers',
        'parts of a boat',
        `<h2>Name the parts</h2>${at(60, 70, '<svg width="90mm" height="70mm" viewBox="0 0 90 70"><path d="M8 45 L82 45 L70 65 L20 65 Z M45 5 L45 45 M45 8 L75 40 L45 40 Z" fill="none" stroke="#222" stroke-width=".6"/></svg>')}${pointer(20, 78, 40, 60, 0, 45, 12)}${pointer(150, 85, 40, -20, 0, 25, 12, true)}${pointer(20, 130, 40, 40, 0, 25, -2)}${pointer(150, 140, 40, -25, 0, 20, -8, true)}`,
    ),
    page(
        'pointers',
        'parts of a bird',
        `<h2>The heron</h2>${at(70, 60, '<svg width="70mm" height="110mm" viewBox="0 0 70 110"><ellipse cx="35" cy="55" rx="18" ry="26" fill="none" stroke="#222"/><path d="M35 29 C 30 10 45 8 42 4 M30 80 L28 108 M40 80 L42 108" fill="none" stroke="#222"/></svg>')}${pointer(15, 70, 45, 88, 0, 40, 4)}${pointer(150, 62, 45, -40, 0, 38, 3, true)}${pointer(15, 150, 45, 80, 0, 40, -6)}<p style="position:absolute;top:190mm">What does it eat? ${line(80)}</p>`,
    ),
    held(
        'pointers',
        'a wave',
        `<h2>Parts of a wave</h2>${at(20, 70, '<svg width="170mm" height="60mm" viewBox="0 0 170 60"><path d="M0 40 C 20 0 40 0 60 40 S 100 80 120 40 S 150 10 170 40" fill="none" stroke="#257"/></svg>')}${pointer(30, 58, 35, 45, 0, 15, 18)}${pointer(120, 60, 40, -30, 0, 15, 30, true)}${pointer(90, 150, 40, 105, 0, 10, -25)}`,
    ),

    // 10. Dotted, dashed, spaced leaders, hyphens.
    page(
        'dots and dashes',
        'dotted lines',
        `<h2>Interview</h2>${rows(['Name', 'Age', 'Ship'], (word) => `<p>${word} ${line(80, 'border-bottom:1.2px dotted #222')}</p>`)}<p>Why did you go to sea?</p><div class="pad dotty" data-blank="lines"><i></i><i></i><i></i></div><p>Harbour ${gap(24, ' .')} Town ${gap(18, ' .')}</p><p>The cook is ${gap(12, '-')} and the mate is ${gap(7, '–')} today.</p>`,
        { css: '.dotty i{border-bottom:1.3px dotted #333}' },
    ),
    page(
        'dots and dashes',
        'dashed lines',
        `<h2>Ship’s news</h2><p>Headline ${line(100, 'border-bottom:1px dashed #222')}</p><div class="pad dashy" data-blank="lines">${'<i></i>'.repeat(6)}</div><div style="position:absolute;left:0;right:0;top:190mm;border-top:1.5px dashed #444"></div><p style="position:absolute;top:192mm">✂ Cut here and keep the lower half.</p>`,
        { css: '.dashy i{border-bottom:1px dashed #444}' },
    ),
    held(
        'dots and dashes',
        'leaders',
        `<h2>Who is who</h2>${rows(['captain', 'mate', 'cook', 'pilot'], (word) => `<p>${word} ${gap(40, '.')}</p>`)}<p>It lies between ${gap(10, '. ')} and ${gap(10, '. ')} on the map.</p><p>ten ${gap(5, '—')} twelve</p>${rows([1, 2], (n) => `<p>${n}. ${line(120, 'border-bottom:1.5px dotted #333')}</p>`)}`,
        { css: serif },
    ),

    // 11. A single line after a question; a question with room and no line.
    page(
        'lone lines',
        'close above',
        `<h2>Read and answer</h2>${rows(['Who kept the light?', 'Why did the bell ring?', 'What was in the boat?', 'Which rock was hit?'], (words, n) => `<p style="margin:2mm 0 0">${n + 1}. ${words}</p><div data-blank="line" style="height:9mm;border-bottom:1px solid #222"></div>`)}`,
    ),
    page(
        'lone lines',
        'task words',
        `<h2>At the weir</h2>${rows(['Write one word that means quick.', 'Name the river.', 'Give a reason for the flood.'], (words) => `<p style="margin:1mm 0 0">${words}</p><div data-blank="line" style="height:10mm;border-bottom:.8pt solid #444"></div>`)}<h3 style="border-bottom:1px solid #999">Notes</h3><p>The weir was built of stone and oak and holds back the spring tide.</p>`,
        { css: small },
    ),
    held(
        'lone lines',
        'margins',
        `<h2>Questions</h2>${rows(['What is a groyne?', 'How is a dune held?', 'Where do terns nest?'], (words, n) => `<div style="padding-left:8mm"><p style="margin:3mm 0 0;text-indent:-8mm">${n + 1}&nbsp;&nbsp; ${words}</p><div data-blank="line" style="height:8mm;border-bottom:1px solid #222"></div></div>`)}`,
        { css: serif },
    ),

    // 12. Turned pages, black edges, two pages on one, a tint behind all.
    page(
        'turned',
        'two degrees',
        `<div style="transform:rotate(2deg)"><h2>Harbour words</h2><p>Name ${line(70)}</p><p>1. A pier is ${line(60)}</p><div class="pad" data-blank="lines"><i></i><i></i><i></i></div>${box('height:30mm')}<table style="width:150mm"><tr><th>Word</th><th>Meaning</th></tr><tr><td>quay</td>${cell('', 'width:100mm')}</tr><tr><td>jetty</td>${cell()}</tr></table></div>`,
    ),
    page(
        'turned',
        'tint behind',
        `<div style="position:absolute;inset:0;background:linear-gradient(#fbf5e6,#f0e6cc)"></div><div style="position:relative"><h2>Old map</h2><p>Found by ${line(60)}</p>${box('height:40mm')}<p>North is ${line(30)} and south is ${line(30)}</p><div class="pad" data-blank="lines"><i></i><i></i></div></div>`,
    ),
    page(
        'turned',
        'two on one',
        `<div style="display:flex;gap:16mm;font-size:9pt"><div style="flex:1"><h3>Left page</h3><p>Name ${line(40)}</p><p>Why?</p><div class="pad" data-blank="lines"><i></i><i></i><i></i></div>${box('height:30mm')}</div><div style="flex:1"><h3>Right page</h3><p>Date ${line(40)}</p><p>How?</p><div class="pad" data-blank="lines"><i></i><i></i><i></i></div><p>What next?</p><div data-blank="line" style="height:9mm;border-bottom:1px solid #222"></div></div></div>`,
        { size: ['297mm', '210mm'] },
    ),
    held(
        'turned',
        'four degrees',
        `<div style="transform:rotate(-4deg);padding:8mm"><h2>Crew list</h2>${rows(['Skipper', 'Mate', 'Boy'], (word) => `<p>${word} ${line(80)}</p>`)}<div class="pad" data-blank="lines"><i></i><i></i><i></i><i></i></div>${box('height:35mm')}</div>`,
    ),

    // 13. Right to left.
    page(
        'right to left',
        'labels on the right',
        `<div dir="rtl" lang="ar"><h2>مرفأ</h2><p>الاسم ${line(70)}</p><p>التاريخ ${line(50)}</p><p>١. ما هو المد؟</p><div class="pad" data-blank="lines"><i></i><i></i><i></i></div><p>${tick(11)} نعم &nbsp; ${tick(11)} لا</p></div>`,
    ),
    held(
        'right to left',
        'a table from the right',
        `<div dir="rtl" lang="he"><h2>יומן</h2><p>שם ${line(70)}</p><table style="width:150mm"><tr><th>יום</th><th>רוח</th></tr><tr><td>ראשון</td>${cell('', 'width:90mm')}</tr><tr><td>שני</td>${cell()}</tr></table><p>${tick(12)} כן ${tick(12)} לא</p></div>`,
    ),

    // 14. Matching, number lines, staves.
    page(
        'left alone',
        'number lines and staves',
        `<h2>Counting on</h2><svg width="170mm" height="20mm" viewBox="0 0 170 20"><path d="M5 8H165${Array.from({ length: 11 }, (_, n) => `M${5 + 16 * n} 5v6`).join('')}" stroke="#222" stroke-width=".4" fill="none"/>${Array.from({ length: 11 }, (_, n) => `<text x="${4 + 16 * n}" y="17" font-size="4">${n}</text>`).join('')}</svg><h3>The tune</h3><svg width="170mm" height="20mm" viewBox="0 0 170 20"><path d="M5 4H165M5 7H165M5 10H165M5 13H165M5 16H165" stroke="#222" stroke-width=".3" fill="none"/><ellipse cx="40" cy="10" rx="2" ry="1.5"/><ellipse cx="70" cy="7" rx="2" ry="1.5"/></svg><p>Clap it. Then write its name: ${line(60)}</p>`,
    ),
    page(
        'left alone',
        'prices and contents',
        `<h2>Chandler’s prices</h2>${rows(
            [
                ['Rope, 10 m', '4.50'],
                ['Lamp oil', '2.80'],
                ['Tar', '1.95'],
            ],
            ([what, price]) => `<p>${what} ${'.'.repeat(50)} £${price}</p>`,
        )}<h3>Sailings</h3>${rows(
            [
                ['Saltmarsh', '06:40'],
                ['Herring Bay', '07:15'],
            ],
            ([what, time]) => `<p>${what} ${'.'.repeat(40)} ${time}</p>`,
        )}<p>Which is the first boat? ${line(60)}</p>`,
    ),
    held(
        'left alone',
        'chart and prices',
        `<h2>The catch</h2><svg width="150mm" height="70mm" viewBox="0 0 150 70"><path d="M15 5V60H145" fill="none" stroke="#222" stroke-width=".5"/><path d="M15 50H145M15 40H145M15 30H145M15 20H145" stroke="#bbb" stroke-width=".2"/><rect x="25" y="30" width="15" height="30" fill="none" stroke="#222" stroke-width=".4"/><rect x="55" y="20" width="15" height="40" fill="none" stroke="#222" stroke-width=".4"/><rect x="85" y="40" width="15" height="20" fill="none" stroke="#222" stroke-width=".4"/><text x="27" y="66" font-size="4">cod</text><text x="57" y="66" font-size="4">ling</text><text x="87" y="66" font-size="4">sole</text></svg>${rows(
            [
                ['Depth', '12 m'],
                ['Width', '40 m'],
            ],
            ([what, unit]) => `<p>${what} ${'.'.repeat(45)} ${unit}</p>`,
        )}<p>Most were ${line(40)}</p>`,
    ),

    // 15. What is taken wrongly.
    page(
        'decoys',
        'rules and heads',
        `<h1 style="border-bottom:2px solid #222">Tides</h1><h3 style="border-bottom:1px solid #888;width:80mm">Before you start</h3><p>The moon pulls the sea. When sun and moon pull together, tides are highest.</p><table style="width:150mm"><tr><td></td><th>High</th><th>Low</th></tr><tr><th>Mon</th><td>4.8</td><td>1.1</td></tr><tr><th>Tue</th><td>5.0</td><td>0.9</td></tr></table><div style="position:absolute;left:18mm;right:18mm;bottom:14mm;border-top:1px solid #333;font-size:8pt">Saltmarsh Harbour School 12</div>`,
    ),
    page(
        'decoys',
        'booktabs and symbols',
        `<h2>Signals</h2><table class="book"><tr><td>Flag</td><td>Sign</td><td>Count</td></tr>${rows(
            [
                ['A', '★★', '||||'],
                ['B', '▲', '||'],
                ['C', '●●●', '|||| ||'],
            ],
            ([a, b, c]) => `<tr><td>${a}</td><td>${b}</td><td>${c}</td></tr>`,
        )}</table><table style="margin-top:10mm;width:120mm"><tr><td>one</td><td>→</td><td>●</td></tr><tr><td>two</td><td>→</td><td>●●</td></tr></table><svg width="120mm" height="50mm" viewBox="0 0 120 50" style="margin-top:10mm"><rect x="10" y="20" width="40" height="25" fill="none" stroke="#222"/><path d="M5 20 L30 5 L55 20Z" fill="none" stroke="#222"/><rect x="25" y="30" width="8" height="15" fill="none" stroke="#222"/></svg>`,
        {
            css: '.book td{border:0;width:40mm}.book{border-top:1.5px solid #222;border-bottom:1.5px solid #222}.book tr:first-child{border-bottom:1px solid #222}',
        },
    ),
    held(
        'decoys',
        'feet and frames',
        `<div style="border-top:1px solid #333;border-bottom:1px solid #333;padding:2mm">Year 6 &nbsp; Geography</div><h2>Groynes</h2><p>A groyne is a wall of wood or stone that is built out into the sea to hold the sand.</p><table style="width:120mm"><tr><td></td><th>wood</th><th>stone</th></tr><tr><th>cheap</th><td>yes</td><td>no</td></tr><tr><th>lasts</th><td>no</td><td>✓</td></tr></table><svg width="100mm" height="60mm" viewBox="0 0 100 60" style="margin-top:8mm"><path d="M5 55 C 30 40 60 60 95 45" fill="none" stroke="#357"/><rect x="20" y="15" width="30" height="20" fill="none" stroke="#222"/><rect x="55" y="22" width="20" height="13" fill="none" stroke="#222"/></svg><p style="position:absolute;bottom:10mm;border-top:1px solid #666;width:174mm;font-size:8pt">Page 4 of 9</p>`,
    ),
];

function frac(top, bottom) {
    return `<span style="display:inline-block;text-align:center;vertical-align:middle;line-height:1.2"><span style="display:block;border-bottom:1px solid #222;padding:0 1.5mm">${top}</span><span style="display:block">${bottom}</span></span>`;
}

// A line to write on at so many millimetres, and a pointer from its end to the drawing.
function pointer(x, y, width, dx, _, length, dy, left = false) {
    const from = left ? x : x + width;
    const to = left ? x - length : x + width + length;
    return `${at(x, y - 8, '', `width:${width}mm;height:8mm;border-bottom:1px solid #222" data-blank="line`)}<svg style="position:absolute;left:0;top:0" width="210mm" height="297mm" viewBox="0 0 210 297"><path d="M${from} ${y} L${to} ${y + dy}" stroke="#222" stroke-width=".35" fill="none"/></svg>`;
}
