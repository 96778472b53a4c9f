// Pages of questions: HTML with data-question on what belongs to each, its number as the value; data-blank as in
// sheets.mjs. A question with parts is named by itself and by its parts. What has no name is none: heads, directions,
// lists of facts. As in classes.mjs, some are kept apart.
const line = (width) => `<span class="fill" data-blank="line" style="width:${width}mm"></span>`;
const gap = (count) => `<span data-blank="gap">${'_'.repeat(count)}</span>`;
const pad = (count) => `<div class="pad" data-blank="lines">${'<i></i>'.repeat(count)}</div>`;
const one = '<div data-blank="line" style="height:9mm;border-bottom:1px solid #222"></div>';
const tick = '<span class="sq" data-blank="tick"></span>';
const box = (height) => `<div class="frame" data-blank="box" style="height:${height}mm"></div>`;
const cell = '<td data-blank="cell"></td>';
const rows = (list, make) => list.map(make).join('');
const q = (number, html, css = '') => `<div data-question="${number}" style="margin-bottom:5mm;${css}">${html}</div>`;

const serif = 'section{font:12pt "DejaVu Serif",serif}';
const small = 'section{font:10pt "Liberation Sans",sans-serif}p{margin:1mm 0}';

const open = [
    [
        'pads',
        `<h2>The keeper’s day</h2><p>Read the page from the log again. Then answer in sentences.</p>${q(1, `<p>1. When does the keeper light the lamp?</p>${pad(2)}`)}${q(2, `<p>2. What must he write down each hour, and why would a captain want to know it? Use words from the log.</p>${pad(3)}`)}${q(3, `<p>3. Would you like the work?</p>${pad(4)}`)}`,
    ],
    [
        'two columns of sums',
        `<h2>Adding</h2><div style="columns:2;column-gap:12mm">${rows([1, 2, 3, 4, 5, 6, 7, 8, 9, 10], (n) => q(n, `<p>${n}) &nbsp; ${12 + n} + ${3 * n} = ${gap(8)}</p>`, 'break-inside:avoid'))}</div>`,
    ],
    [
        'a grid of sums',
        `<h2>Taking away</h2><p>Work them out in your head.</p><div style="display:grid;grid-template-columns:1fr 1fr 1fr;gap:6mm">${rows([1, 2, 3, 4, 5, 6, 7, 8, 9], (n) => q(n, `${n}. &nbsp; ${40 + n} − ${2 * n} = ${line(14)}`))}</div>`,
    ],
    [
        'parts',
        `<h2>Tides</h2>${q(1, `<p>1. A tide table shows high water at 06:10.</p>${q('1a', `<p style="margin-left:8mm">(a) When is low water, about? ${line(40)}</p>`)}${q('1b', `<p style="margin-left:8mm">(b) How long is it to the next high water? ${line(30)}</p>`)}`)}${q(2, `<p>2. The range today is 4.2 m.</p>${q('2a', `<div style="margin-left:8mm"><p>(a) What was it at neaps? ${line(30)}</p></div>`)}${q('2b', `<div style="margin-left:8mm"><p>(b) Explain the difference.</p>${pad(3)}</div>`)}`)}`,
    ],
    [
        'boxes',
        `<h1>Boats</h1>${rows([1, 2, 3], (n) => q(n, `<p><b>Q${n}</b> &nbsp; ${['Draw a boat with two masts.', 'Draw what it carries.', 'Write its name as it is painted on the stern.'][n - 1]}</p>${box(34)}`))}`,
        small,
    ],
    [
        'a table of questions',
        `<h2>Quick check</h2><table style="width:174mm">${rows([1, 2, 3, 4, 5], (n) => `<tr data-question="${n}"><td style="width:10mm">${n}.</td><td style="width:80mm">${['What is a buoy?', 'What is a quay for?', 'Name a knot.', 'Where does a pilot work?', 'What does ebb mean?'][n - 1]}</td>${cell}</tr>`)}</table>`,
    ],
    [
        'Roman numerals',
        `<h2>Letters home</h2>${q('I', `<p>I. Who wrote the letter, and to whom? ${line(60)}</p>`)}${q('II', `<p>II. Copy the sentence that tells you about the storm.</p>${pad(2)}`)}${q('III', `<p>III. Find three words for the sea.</p><p>${line(40)} &nbsp; ${line(40)} &nbsp; ${line(40)}</p>`)}${q('IV', `<p>IV. Was the writer afraid? How do you know?</p>${pad(3)}`)}`,
        serif,
    ],
    [
        'letters',
        `<h2>Work at the harbour</h2>${q('A', `<p>A. Sort the words into two lists.</p><table style="width:150mm"><tr><th>on land</th><th>at sea</th></tr>${`<tr>${cell.repeat(2)}</tr>`.repeat(3)}</table>`)}${q('B', `<p>B. Write a sentence with two of them.</p>${pad(2)}`)}${q('C', `<p>C. Who does the hardest work? ${line(70)}</p>`)}`,
    ],
    [
        'choices',
        `<h2>Which is right?</h2>${rows([1, 2, 3], (n) =>
            q(
                n,
                `<p>${n}. ${['A groyne is built', 'A neap tide is', 'Curlews eat'][n - 1]}</p>${rows(
                    ['a', 'b', 'c'],
                    (letter, m) =>
                        `<p style="margin-left:8mm">${letter}) ${tick} ${
                            [
                                ['out into the sea', 'round a house', 'on a hill'],
                                ['low', 'high', 'the same each day'],
                                ['worms', 'grass', 'fish'],
                            ][n - 1][m]
                        }</p>`,
                )}`,
            ),
        )}`,
        small,
    ],
    [
        'badges',
        `<h2>Island map</h2>${rows([1, 2, 3, 4], (n) => q(n, `<div style="display:flex;gap:4mm"><span style="background:#345;color:#fff;border-radius:50%;width:8mm;height:8mm;text-align:center;line-height:8mm">${n}</span><div style="flex:1"><p style="margin:0">${['How far is it from the quay to the light?', 'Which way is the farm?', 'What is the scale?', 'Describe the way from the farm to the quay.'][n - 1]}</p>${n === 4 ? pad(3) : one}</div></div>`))}`,
    ],
    [
        'named',
        `<h2>Reading</h2>${rows([1, 2, 3], (n) => q(n, `<h3 style="margin:0">Question ${n}</h3><p style="margin:1mm 0">${['What woke the village?', 'What did they carry to the shore? Give two things.', 'How does the story end?'][n - 1]}</p>${pad(n + 1)}`))}`,
    ],
    [
        'a drawing and a table',
        `<h2>Catch of the week</h2>${q(1, `<p>1. Look at the chart. Which day was best? ${line(30)}</p><svg width="120mm" height="45mm" viewBox="0 0 120 45"><path d="M10 3V40H115" fill="none" stroke="#222" stroke-width=".5"/>${rows([12, 20, 31, 9, 25], (tall, n) => `<rect x="${16 + 20 * n}" y="${40 - tall}" width="12" height="${tall}" fill="#9bc"/>`)}</svg>`)}${q(2, `<p>2. Fill in the table.</p><table style="width:120mm"><tr><th>Day</th><th>Boxes</th></tr>${rows(['Mon', 'Tue', 'Wed'], (day) => `<tr><td>${day}</td>${cell}</tr>`)}</table>`)}${q(3, `<p>3. How many boxes in all? ${line(30)}</p>`)}`,
    ],
    [
        'bare numbers',
        `<h2>Spelling log</h2>${rows([1, 2, 3, 4, 5, 6], (n) => q(n, `<p style="margin:0;padding-left:9mm;text-indent:-9mm"><span style="display:inline-block;width:9mm;text-indent:0">${n}</span>${['Write the plural of wharf.', 'Add -ing to row.', 'Which is right, buoy or bouy?', 'Write a word that rhymes with tide.', 'Spell the word for a place where ships lie.', 'Write the opposite of ebb.'][n - 1]} ${line(40)}</p>`))}`,
        serif,
    ],
    [
        'facts and steps',
        `<h2>How to tie a bowline</h2><p>1. Make a small loop.</p><p>2. Bring the end up through the loop.</p><p>3. Take it round the standing part.</p><p>4. Put it back through the loop and pull.</p><h3>The harbour in numbers</h3><p>1. It is 140 years old.</p><p>2. Forty boats lie there in winter.</p>`,
    ],
    [
        'two parts of a page',
        `<h2>Unit check</h2><h3>Part A</h3>${rows([1, 2, 3], (n) => q(n, `<p>${n}. ${['A place where ships lie is a', 'The sea falls at', 'A map of the sea is a'][n - 1]} ${gap(16)}.</p>`))}<h3>Part B</h3><p>Answer in a sentence.</p>${rows([4, 5], (n) => q(n, `<p>${n}. ${['Why are groynes built?', 'What does a pilot know?'][n - 4]}</p>${pad(2)}`))}`,
    ],
    [
        'numbers with letters',
        `<h2>Measures</h2>${rows(['1a', '1b', '2a', '2b', '2c'], (n) => q(n, `<p>${n}. &nbsp; ${n.length * 4 + n.charCodeAt(0) - 40} m is ${line(25)} cm</p>`))}`,
    ],
];

const held = [
    [
        'columns of text',
        `<h2>The ferry</h2><div style="display:flex;gap:12mm"><div style="flex:1">${rows([1, 2, 3], (n) => q(n, `<p>${n}. ${['Who steers the ferry when the wind is strong?', 'How many can it carry?', 'What is sold on board?'][n - 1]}</p>${pad(2)}`))}</div><div style="flex:1">${rows([4, 5, 6], (n) => q(n, `<p>${n}. ${['Where does it land in winter?', 'What is the fare for a child?', 'Would you go by night?'][n - 4]}</p>${pad(2)}`))}</div></div>`,
        small,
    ],
    [
        'in brackets',
        `<h2>Words</h2>${rows([1, 2, 3, 4, 5], (n) => q(n, `<p>(${n}) ${['A young seal is a', 'Ropes are kept in a', 'The front of a boat is its', 'A boat’s kitchen is the', 'The left side is called'][n - 1]} ${gap(14)}.</p>`))}`,
        serif,
    ],
    [
        'parts by Roman numerals',
        `<h2>Weather</h2>${q(1, `<p>1. The glass is falling.</p>${q('1i', `<p style="margin-left:9mm">(i) What weather comes? ${line(40)}</p>`)}${q('1ii', `<p style="margin-left:9mm">(ii) What should a skipper do?</p><div style="margin-left:9mm">${pad(2)}</div>`)}`)}${q(2, `<p>2. The wind goes round to the west. ${line(60)}</p>`)}`,
    ],
    [
        'choices in a row',
        `<h2>Round the right word</h2>${rows([1, 2, 3, 4], (n) => q(n, `<p>${n}) &nbsp; ${['The tide', 'The gull', 'The lamp', 'The rope'][n - 1]} &nbsp;&nbsp; ${tick} a &nbsp;&nbsp; ${tick} b &nbsp;&nbsp; ${tick} c &nbsp; because ${line(50)}</p>`))}`,
    ],
    [
        'a passage first',
        `<h2>The wreck of the Petrel</h2><p>In the winter of 1871 a brig came ashore below the light. Her crew of 9 were taken off by 4 men in a small boat. 2 of them had never rowed in such a sea before. They brought all 9 to land and went back for the cat.</p>${rows([1, 2, 3], (n) => q(n, `<p>${n}. ${['When did the Petrel come ashore?', 'How many men went out?', 'What does the last sentence tell you about them?'][n - 1]}</p>${n === 3 ? pad(4) : one}`))}`,
    ],
    [
        'a list to bring',
        `<h2>For the visit</h2><p>Bring with you:</p><ol><li>a coat</li><li>something to eat</li><li>a pencil</li></ol><p>Name ${line(60)}</p>`,
    ],
];

const page = ([name, html, css = '']) => ({ kind: 'questions', name, html, css });
export const questions = { open: open.map(page), held: held.map(page) };
