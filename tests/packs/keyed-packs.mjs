// Packs whose keys look like the sheets that they answer: the same grid with more in it, the same questions with
// something behind each, the same title on one page for several. All is invented. Their sections are not labelled.

const css =
    'section{padding:16mm;font:12pt "Liberation Sans"}table{border-collapse:collapse}td{border:1px solid #333;width:9mm;height:9mm;text-align:center}.l{border-bottom:1px solid #333;height:9mm}h1{font-size:26pt}';

const L = (n) => '<div class="l"></div>'.repeat(n);
const grid = (rows, cls = '') =>
    `<table ${cls}>${rows.map((r) => `<tr>${[...r].map((c) => (c === '#' ? '<td style="background:#222"></td>' : `<td>${c === '.' ? '' : c}</td>`)).join('')}</tr>`).join('')}</table>`;
const sud = ['5..4', '.4.1', '1.4.', '4..5'],
    sudK = ['5214', '2451', '1542', '4125'];
const cw = ['B####', 'O#S##', 'A....', 'T#L##', '##T##'].map((r) => r.replace(/[A-Z]/g, '.')),
    cwK = ['B####', 'O#S##', 'ANAIL', 'T#L##', '##T##'];
const ws = ['TIDEQW', 'AZBOAT', 'PIEROP', 'XNETSU', 'SANDGH', 'QWAVEK'];
const hl = (rows) =>
    `<table>${rows.map((r, y) => `<tr>${[...r].map((c, x) => `<td style="${(y === 0 && x < 4) || (y === 1 && x > 1) || (y === 4 && x < 4) ? 'background:#fde68a' : ''}">${c}</td>`).join('')}</tr>`).join('')}</table>`;
const svgMaze = `<svg width="170mm" height="170mm" viewBox="0 0 100 100"><g fill="none" stroke="#222">${Array.from({ length: 14 }, (_, i) => `<path d="M${5 + i * 3} ${5 + i * 3}H${95 - i * 3}V${95 - i * 3}H${8 + i * 3}"/>`).join('')}</g></svg>`;
const dots = `<svg width="170mm" height="170mm" viewBox="0 0 100 100">${Array.from({ length: 24 }, (_, i) => {
    const a = (i / 24) * 6.283;
    const x = 50 + 40 * Math.cos(a),
        y = 50 + (30 + 8 * (i % 3)) * Math.sin(a);
    return `<circle cx="${x}" cy="${y}" r=".8"/><text x="${x + 1.5}" y="${y}" font-size="3">${i + 1}</text>`;
}).join('')}</svg>`;
const gap = '__________';
const Q = [
    ['What is 3/4 of 20?', '15'],
    ['Simplify 6/9.', '2/3'],
    ['Add 1/2 and 1/4.', '3/4'],
    ['Which is larger, 2/3 or 3/5?', '2/3'],
    ['Write 0.25 as a fraction.', '1/4'],
    ['Take 1/3 from 1.', '2/3'],
];
const S = [
    'The sun rises in the @east@.',
    'Boats are tied to a @bollard@ on the quay.',
    'The tide turns about every @six@ hours.',
    'A @keeper@ lights the lamp.',
];
const M = [
    ['What is a quay?', ['a bird', 'a place for ships', 'a fish']],
    ['What is ebb?', ['falling water', 'rising water', 'still water']],
    ['What is a hull?', ['a sail', 'a rope', 'the body of a ship']],
];
const T = (rows, w = 40) =>
    `<table>${rows.map((r) => `<tr>${r.map((c) => `<td style="width:${w}mm;height:12mm">${c}</td>`).join('')}</tr>`).join('')}</table>`;
const cards = [
    ['1', 'A boat has 12 crates. 5 are taken off. How many are left?'],
    ['2', 'Four gulls eat 3 fish each. How many fish?'],
    ['3', 'A rope of 20 m is cut in 5. How long is each?'],
    ['4', 'Half of 46 shells are white. How many?'],
];
const mc = [
    ['Which of these is a mammal?', ['crab', 'seal', 'gull'], 1],
    ['Where do limpets live?', ['on rocks', 'in trees', 'under sand'], 0],
    ['What pulls the tides?', ['the wind', 'the moon', 'the fish'], 1],
    ['What do terns eat?', ['fish', 'grass', 'bark'], 0],
];
const quiz = (how) =>
    mc
        .map(
            ([q, o, k], i) =>
                `<p>${i + 1}. ${q}</p>${o.map((t, j) => `<p style="margin-left:8mm">${'abc'[j]}) ${how && j === k ? how(t) : t}</p>`).join('')}`,
        )
        .join('');
const frayer = (word, said) =>
    `<h2 style="text-align:center">${word}</h2>${T(
        [
            [`Meaning<br>${said?.[0] ?? ''}`, 'Picture'],
            [`It is…<br>${said?.[1] ?? ''}`, `It is not…<br>${said?.[2] ?? ''}`],
        ],
        80,
    )}`;
const words = [
    ['estuary', ['where a river meets the sea', 'wide, muddy, salty and fresh', 'a lake']],
    ['erosion', ['the wearing away of land', 'slow, made by waves', 'building up']],
    ['harbour', ['a place where boats are safe', 'calm, walled', 'the open sea']],
];
const bank = ['petal', 'stem', 'root', 'leaf', 'bud'];
const plant = (named) =>
    `<svg width="140mm" height="120mm" viewBox="0 0 140 120"><path d="M70 110V40M70 80C50 80 40 65 40 60M70 70C95 70 100 55 100 50" fill="none" stroke="#2a2"/><circle cx="70" cy="30" r="12" fill="#fc6"/>${[
        [105, 25],
        [105, 95],
        [20, 112],
        [10, 58],
        [108, 48],
    ]
        .map(
            ([x, y], i) =>
                `<rect x="${x - 4}" y="${y - 5}" width="32" height="8" fill="#fff" stroke="#333"/>${named ? `<text x="${x}" y="${y + 1}" font-size="5">${bank[i]}</text>` : ''}`,
        )
        .join('')}</svg>`;
const sounds = (cells) =>
    `<h2>Sort the words: long a, long e</h2><p>Cut out the cards. Glue each under its sound.</p>${T([['long a', 'long e'], ...cells], 80)}`;
const clap = (counts) =>
    `<h2>Clap and count</h2><p>Write the counts below each line.</p>${`<div style="font-size:26pt;margin:8mm 0">♩ ♫ ♩ ♩ | ♫ ♫ ♩ ♩ |</div><div class="l">${counts}</div>`.repeat(3)}`;
const packs = {
    puzzles: [
        [
            'cover',
            '<h1 style="margin-top:90mm;text-align:center">Harbour Puzzles</h1><p style="text-align:center">Ages 7 to 9</p><p style="text-align:center">By M. Fenn</p>',
        ],
        [
            'terms',
            '<h2>Thank you!</h2><p>This file is for one classroom only. You may copy the pages for your own students. Please do not share it with others, post it online or sell it.</p>',
        ],
        ['student', `<h2>Word search</h2>${grid(ws)}<p>tide boat pier net sand wave</p>`],
        ['student', `<h2>Sudoku</h2>${grid(sud)}`],
        [
            'student',
            `<h2>Crossword</h2>${grid(cw)}<p>Across 3 it holds wood together. Down 1 it floats 2 a seasoning</p>`,
        ],
        ['student', `<h2>Maze</h2>${svgMaze}`],
        ['student', `<h2>Join the dots</h2>${dots}`],
        [
            'student',
            `<h2>Colour by number</h2><svg width="170mm" height="120mm" viewBox="0 0 100 70">${Array.from({ length: 20 }, (_, i) => `<path d="M${(i % 5) * 20} ${Math.floor(i / 5) * 17}h20v17h-20z" fill="none" stroke="#222"/><text x="${(i % 5) * 20 + 9}" y="${Math.floor(i / 5) * 17 + 10}" font-size="5">${(i % 4) + 1}</text>`).join('')}</svg><p>1 blue 2 green 3 red 4 yellow</p>`,
        ],
        ['key', `<h2>Word search</h2>${hl(ws)}<p>tide boat pier net sand wave</p>`],
        ['key', `<h2>Sudoku</h2>${grid(sudK)}`],
        ['key', `<h2>Crossword</h2>${grid(cwK)}<p>Across 3 it holds wood together. Down 1 it floats 2 a seasoning</p>`],
        [
            'key',
            `<h2>Maze</h2>${svgMaze.replace('</g>', '<path d="M5 50 L20 60 L40 20 L60 80 L95 50" stroke="#c00" stroke-width="2"/></g>')}`,
        ],
        [
            'credits',
            '<h2>Credits</h2><p>Fonts by Tern Letters. Borders by Gull Graphics. Clip art drawn by the author.</p>',
        ],
    ],
    reading: [
        ['cover', '<h1>Shipwrecks</h1><h3>Reading pack, 10 passages</h3>'],
        [
            'contents',
            `<h2>In this pack</h2>${['The Petrel', 'The bell', 'Divers', 'Keeper of the light'].map((t, i) => `<p>${t} ${'.'.repeat(40)} ${i * 2 + 5}</p>`).join('')}`,
        ],
        [
            'guide',
            '<h2>How to use this pack</h2><p>Each passage takes about 30 minutes. Students read on their own, then talk with a partner. Let early finishers draw a map. Print the passages two to a page.</p><h3>Before the lesson</h3><ul><li>Copy a passage for each student.</li><li>Show the pictures.</li></ul>',
        ],
        [
            'guide',
            '<h2>Week at a glance</h2><table>' +
                ['Mon', 'Tue', 'Wed', 'Thu', 'Fri']
                    .map(
                        (d) =>
                            `<tr><td style="width:30mm">${d}</td><td style="width:130mm">Read a passage, talk about it, answer, mark together</td></tr>`,
                    )
                    .join('') +
                '</table>',
        ],
        [
            'student',
            `<h2>The Petrel</h2><p>${'The brig Petrel left the bay on a quiet morning with timber for the north. '.repeat(9)}</p>`,
        ],
        [
            'student',
            `<h2>The Petrel</h2>${['What did the Petrel carry?', 'When did she leave?', 'Why was the crew afraid?'].map((t, i) => `<p>${i + 1}. ${t}</p>${L(2)}`).join('')}`,
        ],
        [
            'student',
            `<h2>The bell</h2><p>${'Under the water the bell rang when the tide turned, and the fishers heard it. '.repeat(9)}</p>`,
        ],
        [
            'student',
            `<h2>The bell</h2>${['Who heard the bell?', 'What made it ring?'].map((t, i) => `<p>${i + 1}. ${t}</p>${L(3)}`).join('')}`,
        ],
        ['student', `<h2>My book report</h2><p>Title</p>${L(1)}<p>Author</p>${L(1)}<p>What happened?</p>${L(6)}`],
        [
            'guide',
            '<h2>Rubric</h2><table>' +
                ['Understands', 'Uses evidence', 'Writes clearly']
                    .map(
                        (d) =>
                            `<tr><td style="width:36mm">${d}</td><td style="width:40mm">4 always</td><td style="width:40mm">3 mostly</td><td style="width:40mm">2 at times</td></tr>`,
                    )
                    .join('') +
                '</table>',
        ],
        [
            'key',
            `<h2>The Petrel</h2>${['What did the Petrel carry?', 'When did she leave?', 'Why was the crew afraid?'].map((t, i) => `<p>${i + 1}. ${t}</p><p style="color:#c00">${['Timber for the north.', 'On a quiet morning.', 'The sky was black and the glass fell.'][i]}</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>The bell</h2>${['Who heard the bell?', 'What made it ring?'].map((t, i) => `<p>${i + 1}. ${t}</p><p style="color:#c00">${['The fishers heard it.', 'The turning tide did.'][i]}</p>`).join('')}`,
        ],
        [
            'terms',
            '<h2>Please note</h2><p>© M. Fenn. All rights reserved. Bought for a single teacher. Additional licences can be bought for colleagues.</p>',
        ],
    ],
    maths: [
        [
            'cover',
            '<h1 style="text-align:center;margin-top:40mm">Times tables</h1><h2 style="text-align:center">30 days of practice</h2><p style="text-align:center">Saltmarsh Maths</p>',
        ],
        [
            'guide',
            '<p><b>Teacher information</b></p><p>These sheets give five minutes of practice each day. Children work against the clock and write their score at the top. Mark them together with the answer pages at the end.</p>',
        ],
        ...[1, 2, 3, 4].map((d) => [
            'student',
            `<div style="display:flex;justify-content:space-between"><b>Day ${d}</b><span>Name ________ Score ___ / 12</span></div>${Array.from({ length: 12 }, (_, i) => `<p>${i + 2} × ${d + 2} = ______</p>`).join('')}`,
        ]),
        [
            'student',
            `<h2>Multiplication square</h2><table>${Array.from({ length: 11 }, (_, y) => `<tr>${Array.from({ length: 11 }, (_, x) => `<td>${x && y ? '' : x || y || '×'}</td>`).join('')}</tr>`).join('')}</table>`,
        ],
        [
            'student',
            '<h1 style="text-align:center;margin-top:60mm">Certificate</h1><p style="text-align:center">This is given to ______________________ for learning all tables.</p><p>Signed __________ Date __________</p>',
        ],
        ...[1, 2, 3, 4].map((d) => [
            'key',
            `<div style="display:flex;justify-content:space-between"><b>Day ${d}</b><span>Score 12 / 12</span></div>${Array.from({ length: 12 }, (_, i) => `<p>${i + 2} × ${d + 2} = <b>${(i + 2) * (d + 2)}</b></p>`).join('')}`,
        ]),
        [
            'key',
            `<h2>Multiplication square</h2><table>${Array.from({ length: 11 }, (_, y) => `<tr>${Array.from({ length: 11 }, (_, x) => `<td>${x && y ? x * y : x || y || '×'}</td>`).join('')}</tr>`).join('')}</table>`,
        ],
    ],
    spelling: [
        [
            'cover',
            '<h1 style="margin-top:60mm;text-align:center">Spelling all year</h1><p style="text-align:center">Lists, practice and tests for Year 3</p>',
        ],
        [
            'contents',
            `<h2>What you will find</h2>${['List 1: long a', 'List 2: long e', 'List 3: silent letters', 'Tests', 'Certificates'].map((t, i) => `<p>${t} <span style="float:right">${i * 2 + 4}</span></p>`).join('')}`,
        ],
        [
            'guide',
            '<h2>Letter to families</h2><p>Dear families, each Monday your child will bring home a list of words. Please practise for five minutes each day. On Friday there is a short test. Thank you for your help.</p>',
        ],
        ...['long a', 'long e', 'silent letters'].flatMap((t, n) => [
            [
                'student',
                `<h2>List ${n + 1}: ${t}</h2>${[
                    ['rain', 'play', 'snake', 'eight', 'train', 'cave'],
                    ['tree', 'beach', 'field', 'these', 'key', 'me'],
                    ['knee', 'write', 'lamb', 'island', 'knot', 'comb'],
                ][n]
                    .map((w) => `<p style="font-size:20pt">${w}</p>`)
                    .join('')}`,
            ],
            [
                'student',
                `<h2>List ${n + 1}: practice</h2><p>Write each word three times.</p>${Array.from({ length: 6 }, () => L(1)).join('')}<p>Use two of them in a sentence.</p>${L(2)}`,
            ],
        ]),
        [
            'student',
            `<h2>Test record</h2><table>${['Week', 'Score', 'Words to learn'].map((h) => `<td style="width:50mm">${h}</td>`).join('')}${'<tr><td></td><td></td><td></td></tr>'.repeat(8)}</table>`,
        ],
        [
            'key',
            `<h2>Test words, all lists</h2><p><b>Answers</b></p>${['rain play snake eight train cave', 'tree beach field these key me', 'knee write lamb island knot comb'].map((w, i) => `<p>List ${i + 1}: ${w}</p>`).join('')}`,
        ],
    ],
    stations: [
        ['cover', '<h1>Forces at work</h1><h3>Eight stations for one lesson</h3><p>C. Tarn</p>'],
        [
            'guide',
            '<h2>Set-up</h2><p>Print the station cards on card and laminate them. Put one at each table. Groups have 6 minutes at a station. Students write on the recording sheet. You need: a ramp, a car, a spring scale, a ruler.</p>',
        ],
        ...[1, 2, 3, 4].map((n) => [
            'student',
            `<h1>Station ${n}</h1><p style="font-size:16pt">${['Let the car roll down the ramp. How far does it go on wood, and how far on cloth?', 'Pull the block with the spring scale. What does it say?', 'Drop two balls at once. Which lands first?', 'Push two magnets together. What do you feel?'][n - 1]}</p>`,
        ]),
        [
            'student',
            `<h2>Recording sheet</h2><p>Name ${gap}</p>${[1, 2, 3, 4].map((n) => `<p><b>Station ${n}</b></p>${L(2)}`).join('')}`,
        ],
        [
            'key',
            `<h2>Recording sheet</h2><p>Name Teacher copy</p>${[1, 2, 3, 4].map((n) => `<p><b>Station ${n}</b></p><p style="color:#06c">${['Farther on wood: there is less friction.', 'About 3 N.', 'Both at once.', 'They push apart or pull together.'][n - 1]}</p>`).join('')}`,
        ],
        [
            'student',
            `<div style="display:grid;grid-template-columns:1fr 1fr;gap:8mm">${`<div style="border:1px dashed #333;padding:5mm"><b>Exit ticket</b><p>Name ${gap}</p><p>One force I saw today: ${gap}</p><p>One question I have: ${gap}</p></div>`.repeat(4)}</div>`,
        ],
        [
            'guide',
            '<h2>Curriculum links</h2><p>Pupils should be taught to compare how things move on different surfaces, notice that some forces need contact between two objects, and observe how magnets attract or repel.</p>',
        ],
        [
            'credits',
            '<h2>About the author</h2><p>C. Tarn has taught science for twelve years. More stations: Light, Sound, Water. Write to tarn@stations.example.</p>',
        ],
    ],
    test: [
        [
            'student',
            `<h2>Unit test: rivers</h2><p>Name ${gap} Class ____</p>${['What is a delta?', 'Name two rivers.', 'Why do rivers bend?', 'What is a flood plain?'].map((t, i) => `<p>${i + 1}. ${t} (2 marks)</p>${L(2)}`).join('')}`,
        ],
        [
            'student',
            `${['Label the parts of the river below.', 'Explain how a waterfall is made.'].map((t, i) => `<p>${i + 5}. ${t} (4 marks)</p>${L(5)}`).join('')}<p>End of test</p>`,
        ],
        [
            'key',
            `<h2>Unit test: rivers</h2><p>Mark scheme. Total 16</p>${['Land made of mud where a river meets the sea.', 'Any two, such as the Ouse and the Wye.', 'The outer bank is worn away.', 'Flat land that is flooded at times.', 'Source, meander, mouth.', 'Soft rock is worn away under hard rock.'].map((t, i) => `<p>${i + 1}. ${t}</p>`).join('')}`,
        ],
    ],
    posters: [
        ['cover', '<h1 style="text-align:center;margin-top:80mm">Grammar posters</h1>'],
        ...['Nouns', 'Verbs', 'Adjectives'].map((t, n) => [
            'student',
            `<h1 style="text-align:center;font-size:60pt">${t}</h1><p style="font-size:24pt;text-align:center">${['name people, places and things', 'say what is done', 'tell more about a noun'][n]}</p><p style="font-size:20pt;text-align:center">${['boat, harbour, keeper', 'sail, row, haul', 'salty, grey, quick'][n]}</p>`,
        ]),
        ...['Nouns', 'Verbs', 'Adjectives'].map((t) => [
            'student',
            `<h2>${t}</h2><p>Underline the ${t.toLowerCase()}.</p>${['The grey boat sails to the harbour.', 'A quick tern catches a fish.', 'The old keeper rows home.'].map((x, i) => `<p>${i + 1}. ${x}</p>`).join('')}`,
        ]),
        ...['Nouns', 'Verbs', 'Adjectives'].map((t) => [
            'key',
            `<h2>${t}</h2><p>Underline the ${t.toLowerCase()}.</p>${['The grey <u>boat</u> sails to the <u>harbour</u>.', 'A quick <u>tern</u> catches a fish.', 'The old <u>keeper</u> rows home.'].map((x, i) => `<p>${i + 1}. ${x}</p>`).join('')}`,
        ]),
    ],
    fractions: [
        ['cover', '<h1 style="margin-top:80mm">Fractions task cards</h1><p>24 cards, sheet and answers</p>'],
        [
            'guide',
            '<h2>Ideas for use</h2><ul><li>Hang the cards round the room and let pairs walk.</li><li>Use one as a starter.</li><li>Early finishers make a card of their own.</li></ul>',
        ],
        ...[0, 1].map((n) => [
            'student',
            `<div style="display:grid;grid-template-columns:1fr 1fr;gap:6mm">${Q.map(([q], k) => `<div style="border:2px solid #333;height:70mm;padding:5mm"><b>${n * 6 + k + 1}</b><p style="font-size:16pt">${q}</p></div>`).join('')}</div>`,
        ]),
        [
            'student',
            `<h2>My answers</h2><p>Name ${gap}</p><table>${Array.from({ length: 6 }, (_, k) => `<tr><td style="width:12mm">${k + 1}</td><td style="width:70mm"></td><td style="width:12mm">${k + 7}</td><td style="width:70mm"></td></tr>`).join('')}</table>`,
        ],
        [
            'key',
            `<h2>My answers</h2><table>${Array.from({ length: 6 }, (_, k) => `<tr><td style="width:12mm">${k + 1}</td><td style="width:70mm">${Q[k][1]}</td><td style="width:12mm">${k + 7}</td><td style="width:70mm">${Q[k][1]}</td></tr>`).join('')}</table>`,
        ],
        [
            'terms',
            '<h2>Fair use</h2><p>Please print for your own class only. Do not put this file on a web site or pass it on. Each teacher needs a licence of their own.</p>',
        ],
    ],
    lesson: [
        [
            'guide',
            '<h1>Lesson 4: The water cycle</h1><p>Year 5 Science. 60 minutes.</p><p><b>Objective</b> Pupils can name the stages of the water cycle.</p><p><b>Starter (10 min)</b> Show the kettle. Ask the class where the steam goes.</p><p><b>Main (35 min)</b> Pupils cut out and order the stages, then complete sheet 1. Support: word bank. Challenge: sheet 2.</p><p><b>Plenary</b> Quiz in pairs.</p>',
        ],
        [
            'student',
            `<h2>Sheet 1: the water cycle</h2><p>Label the picture. Use the words: rain, vapour, cloud, sea.</p>${L(4)}<p>Check your answers with a partner.</p>`,
        ],
        [
            'student',
            `<h2>Sheet 2: challenge</h2><p>Explain in your own words why the sea does not get fuller.</p>${L(8)}`,
        ],
        [
            'student',
            '<h2>Cut and order</h2>' +
                ['The sun warms the sea.', 'Vapour rises.', 'Clouds form.', 'Rain falls.']
                    .map((t) => `<div style="border:1px dashed #333;padding:8mm;margin:4mm">${t}</div>`)
                    .join(''),
        ],
        [
            'key',
            '<h2>Sheet 1: the water cycle</h2><p>Label the picture. Use the words: rain, vapour, cloud, sea.</p><p style="color:#c00">1 sea, 2 vapour, 3 cloud, 4 rain</p><h2>Sheet 2: challenge</h2><p style="color:#c00">As much water leaves the sea as comes back to it.</p>',
        ],
    ],
    comprehension: [
        [
            'student',
            `<h1>The last ferry</h1><p>${'The ferry was late, and Ines stood on the slip with her bag and her coat and watched the light go. '.repeat(10)}</p>`,
        ],
        [
            'student',
            `<p>Read “The last ferry” again.</p>${['Where did Ines stand?', 'What was late?', 'How do you think she felt?', 'Find a word for “path into the water”.'].map((t, i) => `<p>${i + 1} ${t}</p>${L(2)}`).join('')}`,
        ],
        [
            'key',
            `<p><b>Marking guidance</b></p>${[
                ['Where did Ines stand?', 'On the slip.'],
                ['What was late?', 'The ferry.'],
                ['How do you think she felt?', 'Accept cold, worried or lonely with a reason.'],
                ['Find a word for “path into the water”.', 'slip'],
            ]
                .map(([t, a], i) => `<p>${i + 1} ${t}<br><i>${a}</i></p>`)
                .join('')}`,
        ],
        [
            'student',
            `<h1>Night on the pier</h1><p>${'Nobody had told the boys that the pier was closed, and the gate hung open in the wind as it always did. '.repeat(10)}</p>`,
        ],
        [
            'student',
            `<p>Read “Night on the pier” again.</p>${['What was closed?', 'Why was the gate open?', 'What would you have done?'].map((t, i) => `<p>${i + 1} ${t}</p>${L(2)}`).join('')}`,
        ],
        [
            'key',
            `<p><b>Marking guidance</b></p>${[
                ['What was closed?', 'The pier.'],
                ['Why was the gate open?', 'The wind.'],
                ['What would you have done?', 'Any answer with a reason.'],
            ]
                .map(([t, a], i) => `<p>${i + 1} ${t}<br><i>${a}</i></p>`)
                .join('')}`,
        ],
    ],
    early: [
        ['cover', '<h1 style="font-size:60pt;margin-top:60mm">My first letters</h1>'],
        ...['s', 'a', 't'].flatMap((c) => [
            [
                'student',
                `<h1 style="font-size:120pt">${c} ${c.toUpperCase()}</h1><p style="font-size:30pt;color:#aaa">${(c + ' ').repeat(8)}</p>${L(3)}`,
            ],
            [
                'student',
                `<h2>Find ${c}</h2><p>Colour the ${c}.</p><p style="font-size:40pt">${'s a t p i n m d'.repeat(3)}</p>`,
            ],
        ]),
        [
            'guide',
            '<h2>For grown-ups</h2><p>Say the sound and not the name of the letter. Five minutes a day is enough. Let your child trace each letter with a finger first.</p>',
        ],
    ],
    cloze: [
        ['cover', '<h1 style="margin-top:80mm">Harbour words</h1><p>Four sheets</p>'],
        [
            'student',
            `<p>Name ${gap}</p><p>Fill the gaps with the words in the box: east, six, keeper, bollard</p>${S.map((x, k) => `<p>${k + 1}. ${x.replace(/@.*@/, gap)}</p>`).join('')}`,
        ],
        [
            'key',
            `<p>Fill the gaps with the words in the box: east, six, keeper, bollard</p>${S.map((x, k) => `<p>${k + 1}. ${x.replace(/@(.*)@/, '<b>$1</b>')}</p>`).join('')}`,
        ],
        [
            'student',
            `<p>Name ${gap}</p><p>Tick the right one.</p>${M.map(([q, o], k) => `<p>${k + 1}. ${q}</p>${o.map((x) => `<p style="margin-left:8mm">☐ ${x}</p>`).join('')}`).join('')}`,
        ],
        [
            'key',
            `<p>Tick the right one.</p>${M.map(([q, o], k) => `<p>${k + 1}. ${q}</p>${o.map((x, m) => `<p style="margin-left:8mm">${m === 1 ? '☑' : '☐'} ${x}</p>`).join('')}`).join('')}`,
        ],
        [
            'student',
            `<h2>True or false</h2><p>Name ${gap}</p>${['Ships have keels.', 'Terns are fish.', 'Ebb is falling water.'].map((x, k) => `<p>${k + 1}. ${x} ______</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>True or false</h2>${['Ships have keels.', 'Terns are fish.', 'Ebb is falling water.'].map((x, k) => `<p>${k + 1}. ${x} <b>${k === 1 ? 'false' : 'true'}</b></p>`).join('')}`,
        ],
    ],
    onekey: [
        [
            'student',
            `<h2>Page one: number bonds</h2><p>Name ${gap}</p>${[3, 4, 5, 6].map((x) => `<p>${x} + ____ = 10</p>`).join('')}`,
        ],
        [
            'student',
            `<h2>Page two: doubles</h2><p>Name ${gap}</p>${[3, 4, 5, 6].map((x) => `<p>${x} + ${x} = ____</p>`).join('')}`,
        ],
        [
            'student',
            `<h2>Page three: halves</h2><p>Name ${gap}</p>${[8, 6, 12, 20].map((x) => `<p>Half of ${x} = ____</p>`).join('')}`,
        ],
        [
            'key',
            `<p><b>Number bonds</b> 7, 6, 5, 4</p><p><b>Doubles</b> 6, 8, 10, 12</p><p><b>Halves</b> 4, 3, 6, 10</p>`,
        ],
    ],
    mixed: [
        ['cover', '<h1 style="margin-top:80mm">Volcanoes</h1>'],
        [
            'student',
            `<h2>Parts of a volcano</h2><p>Label the parts.</p><svg width="120mm" height="90mm" viewBox="0 0 120 90"><path d="M5 85L50 10H70L115 85Z" fill="none" stroke="#222"/></svg><p>1 ${gap}</p><p>2 ${gap}</p><p>3 ${gap}</p>`,
        ],
        [
            'key',
            `<h2>Parts of a volcano</h2><p>Label the parts.</p><svg width="120mm" height="90mm" viewBox="0 0 120 90"><path d="M5 85L50 10H70L115 85Z" fill="none" stroke="#222"/></svg><p>1 crater</p><p>2 vent</p><p>3 magma chamber</p>`,
        ],
        [
            'student',
            `<h2>Sort them</h2><p>Cut out the words and stick them in the table.</p><table>${`<tr><td style="width:60mm;height:50mm">Active</td><td style="width:60mm;height:50mm">Asleep</td></tr>`}</table><p>smoke, quiet, lava, grass, ash, lake</p>`,
        ],
        [
            'key',
            `<h2>Sort them</h2><table>${`<tr><td style="width:60mm;height:50mm">Active<br>smoke<br>lava<br>ash</td><td style="width:60mm;height:50mm">Asleep<br>quiet<br>grass<br>lake</td></tr>`}</table>`,
        ],
        ['student', `<h2>Think about it</h2><p>Why do people live near volcanoes?</p>${L(5)}<p>Would you?</p>${L(4)}`],
        [
            'key',
            `<h2>Think about it</h2><p>Why do people live near volcanoes?</p><p>The soil is good; there is work; it is home.</p><p>Would you?</p><p>Own answer with reason.</p>`,
        ],
    ],
    tables: [
        [
            'student',
            `<h2>Tide table</h2><p>Name ${gap}</p><p>Complete the table. Use the rule: six hours later.</p>${T([
                ['Place', 'High', 'Low'],
                ['Saltmarsh', '06:10', ''],
                ['Heron Point', '07:20', ''],
                ['Curlew Bay', '', '14:05'],
            ])}`,
        ],
        [
            'key',
            `<h2>Tide table</h2><p>Complete the table. Use the rule: six hours later.</p>${T([
                ['Place', 'High', 'Low'],
                ['Saltmarsh', '06:10', '12:10'],
                ['Heron Point', '07:20', '13:20'],
                ['Curlew Bay', '08:05', '14:05'],
            ])}`,
        ],
        [
            'student',
            `<h2>Coordinates</h2><p>Write the place at each point.</p>${[['(2,3)'], ['(4,1)'], ['(0,5)']].map(([c]) => `<p>${c} ${gap}</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>Coordinates</h2><p>Write the place at each point.</p>${[
                ['(2,3)', 'pier'],
                ['(4,1)', 'light'],
                ['(0,5)', 'reef'],
            ]
                .map(([c, a]) => `<p>${c} <span style="color:red">${a}</span></p>`)
                .join('')}`,
        ],
    ],
    inlinekey: [
        ['cover', '<h1 style="margin-top:70mm">Weekly maths</h1><p>Weeks 1 to 3</p>'],
        ...[1, 2, 3].map((w) => [
            'student',
            `<h2>Week ${w}</h2><p>Name ${gap}</p>${[1, 2, 3, 4, 5].map((k) => `<p>${k}. ${w * 10 + k} + ${k * 3} = ____</p>`).join('')}`,
        ]),
        [
            'key',
            `<h3>Week 1</h3><p>1. 14 2. 18 3. 22 4. 26 5. 30</p><h3>Week 2</h3><p>1. 24 2. 28 3. 32 4. 36 5. 40</p><h3>Week 3</h3><p>1. 34 2. 38 3. 42 4. 46 5. 50</p>`,
        ],
    ],
    sidebyside: [
        [
            'student',
            `<p style="text-align:right">Date ${gap}</p><h2>Apostrophes</h2><p>Rewrite each with an apostrophe.</p>${['the boat of the keeper', 'the nests of the terns', 'it is late', 'do not go'].map((x, k) => `<p>${k + 1}. ${x}</p>${L(1)}`).join('')}`,
        ],
        [
            'key',
            `<h2>Apostrophes</h2>${[
                ['the boat of the keeper', 'the keeper’s boat'],
                ['the nests of the terns', 'the terns’ nests'],
                ['it is late', 'it’s late'],
                ['do not go', 'don’t go'],
            ]
                .map(([x, a], k) => `<p>${k + 1}. ${x} → ${a}</p>`)
                .join('')}`,
        ],
        [
            'student',
            `<p style="text-align:right">Date ${gap}</p><h2>Plurals</h2><p>Write the plural.</p>${['fish', 'bay', 'knife', 'child', 'boat'].map((x, k) => `<p>${k + 1}. ${x} ${gap}</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>Plurals</h2>${['fish', 'bays', 'knives', 'children', 'boats'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
    ],
    teacherbook: [
        [
            'guide',
            '<h2>Unit 3: Tides</h2><p>Teacher’s book</p><p>In this unit pupils learn why the tide rises and falls. Start by asking what they know. Expect some to think that the wind does it.</p>',
        ],
        [
            'key',
            '<h2>Unit 3: Tides</h2><p>Pupil’s book page 12: 1 The moon pulls the sea. 2 Twice a day. 3 Spring tides are higher.</p><p>Page 13: 1 a, 2 c, 3 b</p>',
        ],
        [
            'student',
            `<h2>Unit 3: Tides</h2><p>Page 12</p>${['Why does the sea rise?', 'How often is it high?', 'What is a spring tide?'].map((x, k) => `<p>${k + 1} ${x}</p>${L(2)}`).join('')}`,
        ],
        [
            'student',
            `<p>Page 13</p><p>Choose the right one.</p>${[1, 2, 3].map((k) => `<p>${k} The tide is a) slow b) fast c) both</p>`).join('')}`,
        ],
    ],
    bigkey: [
        ...[1, 2, 3, 4].map((k) => [
            'student',
            `<h2>Activity ${k}</h2><p>${['Find the area of each shape.', 'Measure the angles.', 'Draw the mirror image.', 'Turn the shape.'][k - 1]}</p><svg width="140mm" height="120mm" viewBox="0 0 140 120"><path d="M10 10h40v30h-40zM70 10l40 0l-20 40z" fill="none" stroke="#222"/></svg><p>Name ${gap}</p>`,
        ]),
        [
            'key',
            `<h2>Activities 1–4</h2><p>1: 12 cm², 8 cm² 2: 60°, 90° 3: see picture 4: see picture</p><svg width="140mm" height="120mm" viewBox="0 0 140 120"><path d="M10 10h40v30h-40zM70 10l40 0l-20 40z" fill="none" stroke="#c00"/></svg>`,
        ],
    ],
    namekept: [
        [
            'student',
            `<p>Name ${gap} Date ${gap}</p><h2>Equivalent fractions</h2>${['1/2 = __/4', '2/3 = __/6', '3/5 = __/10', '1/4 = __/8'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
        [
            'key',
            `<p>Name ${gap} Date ${gap}</p><h2>Equivalent fractions</h2>${['1/2 = 2/4', '2/3 = 4/6', '3/5 = 6/10', '1/4 = 2/8'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
        [
            'student',
            `<p>Name ${gap} Date ${gap}</p><h2>Synonyms</h2>${['big', 'cold', 'happy', 'fast'].map((x, k) => `<p>${k + 1}. ${x} ${gap}</p>`).join('')}`,
        ],
        [
            'key',
            `<p>Name ${gap} Date ${gap}</p><h2>Synonyms</h2>${[
                ['big', 'large'],
                ['cold', 'chilly'],
                ['happy', 'glad'],
                ['fast', 'quick'],
            ]
                .map(([x, a], k) => `<p>${k + 1}. ${x} <i>${a}</i></p>`)
                .join('')}`,
        ],
        ['student', `<p>Name ${gap} Date ${gap}</p><h2>Letter home</h2><p>Write a letter from the ship.</p>${L(14)}`],
    ],
    watermark: [
        [
            'student',
            `<h2>Angles in a triangle</h2><p>Name ${gap}</p><p>Find each angle.</p>${['40°, 60°, ____', '90°, 45°, ____', '120°, 30°, ____'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>Angles in a triangle</h2><p>Name ${gap}</p><p>Find each angle.</p>${['40°, 60°, 80°', '90°, 45°, 45°', '120°, 30°, 30°'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}<p style="transform:rotate(-30deg);font-size:40pt;color:#bbb;margin-top:60mm">ANSWERS</p>`,
        ],
        [
            'student',
            `<h2>Angles on a line</h2><p>Name ${gap}</p><p>Find each angle.</p>${['100°, ____', '75°, ____', '13°, ____'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
        [
            'key',
            `<p style="text-align:right;font-size:8pt">KEY</p><h2>Angles on a line</h2><p>Name ${gap}</p><p>Find each angle.</p>${['100°, 80°', '75°, 105°', '13°, 167°'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
    ],
    retell: [
        [
            'student',
            `<h2>Chapter 1</h2><p>Name ${gap}</p>${['Who is Maro?', 'Where does he live?', 'What does he count each night?'].map((x, k) => `<p>${k + 1}. ${x}</p>${L(2)}`).join('')}`,
        ],
        [
            'student',
            `<h2>Chapter 2</h2><p>Name ${gap}</p>${['Why does the bell ring?', 'What does Ines find?', 'How does it end?'].map((x, k) => `<p>${k + 1}. ${x}</p>${L(2)}`).join('')}`,
        ],
        [
            'key',
            `<h2>Chapter 1</h2>${['Maro is the keeper of the quay.', 'He lives in the boat house.', 'He counts the masts.'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>Chapter 2</h2>${['The bell rings when the tide turns.', 'She finds a hatch with letters.', 'All come home but one.'].map((x, k) => `<p>${k + 1}. ${x}</p>`).join('')}`,
        ],
    ],
    cards: [
        [
            'cover',
            '<h1 style="margin-top:80mm;text-align:center">Harbour task cards</h1><p style="text-align:center">Grade 3 word problems</p>',
        ],
        [
            'guide',
            '<h2>Ideas for use</h2><p>Hang the cards round the room. Students walk with a clipboard and write on the sheet. You may also use them in a small group or as early finisher work. Laminate the cards to use them for years.</p>',
        ],
        [
            'student',
            `<table>${[0, 2].map((i) => `<tr>${[i, i + 1].map((k) => `<td style="width:85mm;height:110mm"><h3>Card ${cards[k][0]}</h3><p style="font-size:18pt">${cards[k][1]}</p></td>`).join('')}</tr>`).join('')}</table>`,
        ],
        [
            'student',
            `<h2>Answer sheet</h2><p>Name ________________ Date __________</p>${T(
                [
                    ['1', '2'],
                    ['3', '4'],
                ],
                80,
            )}`,
        ],
        [
            'key',
            `<h2>Answer sheet</h2><p>Name ___KEY___</p>${T(
                [
                    ['1<br>7 crates', '2<br>12 fish'],
                    ['3<br>4 m', '4<br>23 shells'],
                ],
                80,
            )}`,
        ],
    ],
    sorts: [
        [
            'student',
            `<h2>Living or not?</h2><p>Cut out the pictures and glue them in the right column.</p>${T(
                [
                    ['Living', 'Not living'],
                    ['', ''],
                    ['', ''],
                    ['', ''],
                ],
                80,
            )}`,
        ],
        [
            'student',
            `<h3>Pieces</h3>${T(
                [
                    ['crab', 'anchor'],
                    ['seaweed', 'rope'],
                    ['gull', 'stone'],
                ],
                60,
            )}`,
        ],
        [
            'key',
            `<h2>Living or not?</h2>${T(
                [
                    ['Living', 'Not living'],
                    ['crab', 'anchor'],
                    ['seaweed', 'rope'],
                    ['gull', 'stone'],
                ],
                80,
            )}`,
        ],
        ['student', `<h2>Write about the shore</h2><p>Write three sentences. Use because, but and so.</p>${L(8)}`],
        [
            'student',
            `<h2>Write about the shore: a model text</h2><p>The shore is loud because the waves break on it. The gulls are hungry, but the crabs hide well. The tide comes in, so everyone goes home.</p>`,
        ],
        [
            'guide',
            `<h2>Success criteria</h2>${T(
                [
                    ['Marks', 'What to look for'],
                    ['3', 'All three words join two thoughts'],
                    ['2', 'Two of them do'],
                    ['1', 'One does'],
                ],
                70,
            )}`,
        ],
    ],
    chapters: [
        [
            'student',
            `<h2>Chapter 1: The lamp</h2>${['Why does Tam climb the tower?', 'What does he count?', 'Who comes up the stairs?'].map((q, i) => `<p>${i + 1}. ${q}</p>${L(2)}`).join('')}`,
        ],
        [
            'student',
            `<h2>Chapter 2: The fog</h2>${['What can nobody see?', 'How does the horn help?', 'What would you have done?'].map((q, i) => `<p>${i + 1}. ${q}</p>${L(2)}`).join('')}`,
        ],
        [
            'student',
            `<h2>Chapter 3: The wreck</h2>${['Where does the boat strike?', 'Who is saved?', 'How does Tam feel?'].map((q, i) => `<p>${i + 1}. ${q}</p>${L(2)}`).join('')}`,
        ],
        [
            'key',
            `<h3>Chapter 1</h3><p>1. He wants to see the ships.<br>2. He counts the masts.<br>3. His aunt comes.</p><h3>Chapter 2</h3><p>1. The rocks.<br>2. It warns the crews.<br>3. Students' own ideas.</p><h3>Chapter 3</h3><p>1. On the north ledge.<br>2. All but the cat.<br>3. Proud and tired.</p>`,
        ],
    ],
    chapterkeys: [
        ...[1, 2, 3].flatMap((n) => [
            [
                'student',
                `<h2>Lesson ${n}</h2><p>Name __________</p>${[1, 2, 3, 4].map((i) => `<p>${i}. ${['Find the area of a deck', 'Find the length of a rope', 'How many crates fit in the hold', 'Which tank holds more'][i - 1]}: ${n * 3 + i} by ${n + i}. ____________</p>`).join('')}`,
            ],
        ]),
        ...[1, 2, 3].map((n) => [
            'key',
            `<h2>Lesson ${n}</h2>${[1, 2, 3, 4].map((i) => `<p>${i}. ${(n * 3 + i) * (n + i)}</p>`).join('')}`,
        ]),
    ],
    mathsunit: [
        [
            'student',
            '<h2>Worked example</h2><p>There are 3 boats with 4 crew each. How many are aboard?</p><p>Step 1: Draw 3 boats.</p><p>Step 2: Draw 4 crew in each.</p><p>Step 3: Count in fours: 4, 8, 12.</p><p>Answer: 12</p><h3>Your turn</h3><p>There are 5 boats with 2 crew each. How many are aboard? ______</p>',
        ],
        [
            'student',
            `<h2>Practice</h2><p>Hint: count in steps.</p>${[1, 2, 3, 4, 5].map((i) => `<p>${i}. ${i + 2} × ${i + 3} = ____</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>Practice</h2><p>Hint: count in steps.</p>${[1, 2, 3, 4, 5].map((i) => `<p>${i}. ${i + 2} × ${i + 3} = ${(i + 2) * (i + 3)}</p>`).join('')}`,
        ],
        [
            'student',
            `<h2>How did it go?</h2><p>Colour a star for each thing you can do.</p>${T(
                [
                    ['I can count in steps', '☆ ☆ ☆'],
                    ['I can draw groups', '☆ ☆ ☆'],
                    ['I can write a sum', '☆ ☆ ☆'],
                ],
                70,
            )}`,
        ],
        [
            'guide',
            '<h2>Dear families</h2><p>This month your child is learning to multiply. You can help at home by counting in steps on the stairs. Please return the slip by Friday.</p>',
        ],
        [
            'student',
            `<h2>Bingo</h2>${T(
                [
                    ['12', '20', '30'],
                    ['42', 'FREE', '56'],
                    ['6', '15', '24'],
                ],
                50,
            )}`,
        ],
        [
            'key',
            `<h2>Calling list</h2><p>3 × 4 = 12<br>4 × 5 = 20<br>5 × 6 = 30<br>6 × 7 = 42<br>7 × 8 = 56<br>2 × 3 = 6<br>3 × 5 = 15<br>4 × 6 = 24</p>`,
        ],
    ],
    grammar: [
        [
            'student',
            `<h2>Commas in a list</h2><p>Write each sentence with commas.</p>${['We saw crabs gulls and seals', 'Tam Ines and Rhea rowed home', 'Bring a coat a hat and boots'].map((q, i) => `<p>${i + 1}. ${q}</p>${L(1)}`).join('')}`,
        ],
        [
            'key',
            `<h2>Commas in a list</h2><p>Write each sentence with commas.</p>${['We saw crabs, gulls and seals.', 'Tam, Ines and Rhea rowed home.', 'Bring a coat, a hat and boots.'].map((q, i) => `<p>${i + 1}. ${q}</p>`).join('')}`,
        ],
        [
            'student',
            `<h2>Is or are?</h2><p>Underline the right word.</p>${['The gulls is / are loud.', 'The lamp is / are lit.', 'Two boats is / are late.'].map((q, i) => `<p>${i + 1}. ${q}</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>Is or are?</h2><p>Underline the right word.</p>${['The gulls is / <u>are</u> loud.', 'The lamp <u>is</u> / are lit.', 'Two boats is / <u>are</u> late.'].map((q, i) => `<p>${i + 1}. ${q}</p>`).join('')}`,
        ],
    ],
    boldmc: [
        ['student', `<h2>Shore quiz</h2><p>Name ____________</p>${quiz()}`],
        ['key', `<h2>Shore quiz</h2><p>Name ____________</p>${quiz((t) => `<b>${t}</b>`)}`],
    ],
    boldmc2: [
        ['student', `<h2>Shore quiz</h2><p>Circle the letter.</p>${quiz()}`],
        [
            'student',
            `<h2>Sound quiz</h2><p>Circle the letter.</p>${quiz().replaceAll('crab', 'bat').replaceAll('seal', 'fox')}`,
        ],
        [
            'key',
            `<h2>Shore quiz</h2><p>Circle the letter.</p>${quiz((t) => `<span style="background:#fde68a">${t}</span>`)}`,
        ],
        [
            'key',
            `<h2>Sound quiz</h2><p>Circle the letter.</p>${quiz(
                (t) => `<span style="border:1.5pt solid #c00;border-radius:50%">${t}</span>`,
            )
                .replaceAll('crab', 'bat')
                .replaceAll('seal', 'fox')}`,
        ],
    ],
    letters: [
        [
            'key',
            `<h2>Letter hunt</h2><p>1 B&nbsp;&nbsp;2 A&nbsp;&nbsp;3 B&nbsp;&nbsp;4 A</p><p>Score 1 point for each.</p>`,
        ],
        ['student', `<h2>Letter hunt</h2>${quiz()}`],
    ],
    keyfirst: [
        [
            'guide',
            '<h2>About this lesson</h2><p>Students learn how boats float. Give each pair a bowl, foil and coins. Allow ten minutes for testing. Ask what they notice.</p>',
        ],
        [
            'key',
            `<h2>Will it float? (teacher)</h2>${T(
                [
                    ['Thing', 'Floats', 'Sinks'],
                    ['cork', 'x', ''],
                    ['coin', '', 'x'],
                    ['foil boat', 'x', ''],
                ],
                45,
            )}<p>3. The boat pushes water aside.</p>`,
        ],
        [
            'student',
            `<h2>Will it float?</h2><p>Tick what you think.</p>${T(
                [
                    ['Thing', 'Floats', 'Sinks'],
                    ['cork', '', ''],
                    ['coin', '', ''],
                    ['foil boat', '', ''],
                ],
                45,
            )}<p>3. Why does the boat float?</p>${L(2)}`,
        ],
    ],
    graph: [
        [
            'student',
            `<h2>Reading a graph</h2><svg width="150mm" height="70mm" viewBox="0 0 150 70"><path d="M10 5V60H140" fill="none" stroke="#222"/><path d="M10 50L40 30L70 40L100 15L130 20" fill="none" stroke="#06c"/></svg>${['How many gulls were seen on Monday?', 'On which day were most seen?', 'How many more on Thursday than on Monday?'].map((q, i) => `<p>${i + 1}. ${q} ________</p>`).join('')}`,
        ],
        [
            'key',
            `<h2>Reading a graph</h2><svg width="150mm" height="70mm" viewBox="0 0 150 70"><path d="M10 5V60H140" fill="none" stroke="#222"/><path d="M10 50L40 30L70 40L100 15L130 20" fill="none" stroke="#06c"/></svg>${['How many gulls were seen on Monday?', 'On which day were most seen?', 'How many more on Thursday than on Monday?'].map((q, i) => `<p>${i + 1}. ${q} <i>${['10', 'Thursday', '35'][i]}</i></p>`).join('')}`,
        ],
        [
            'student',
            `<h2>Make a graph</h2><p>Draw a bar for each day.</p><table>${'<tr>'.concat('<td style="width:12mm;height:10mm"></td>'.repeat(8), '</tr>').repeat(8)}</table>`,
        ],
        [
            'key',
            `<h2>Make a graph</h2><p>Draw a bar for each day.</p><table>${Array.from({ length: 8 }, (_, y) => `<tr>${Array.from({ length: 8 }, (_, x) => `<td style="width:12mm;height:10mm;${x % 2 && y > 3 + (x % 4) ? 'background:#68a' : ''}"></td>`).join('')}</tr>`).join('')}</table>`,
        ],
    ],
    essay: [
        ['cover', '<h1 style="margin-top:80mm;text-align:center">The lighthouse essay</h1>'],
        [
            'student',
            '<h2>Your task</h2><p>Write an essay of five paragraphs: should the old lighthouse be kept? Use two sources and your own words.</p><h3>Checklist</h3><p>☐ I say what I think</p><p>☐ I give three reasons</p><p>☐ I answer those who disagree</p>',
        ],
        [
            'student',
            `<h2>Source 1</h2><p>${'The tower has stood on the point for two hundred years and its lamp is seen from far out at sea. '.repeat(6)}</p>`,
        ],
        [
            'student',
            `<h2>Planning page</h2>${T(
                [
                    ['Reason 1', ''],
                    ['Reason 2', ''],
                    ['Reason 3', ''],
                ],
                80,
            )}`,
        ],
        [
            'key',
            `<h2>Planning page: sample answers</h2>${T(
                [
                    ['Reason 1', 'It guides boats.'],
                    ['Reason 2', 'It is part of our history.'],
                    ['Reason 3', 'Visitors bring work.'],
                ],
                80,
            )}`,
        ],
        [
            'guide',
            `<h2>Scoring</h2>${T(
                [
                    ['4', 'Clear claim, three reasons, both sources'],
                    ['3', 'Claim and two reasons'],
                    ['2', 'Claim and one reason'],
                    ['1', 'No claim'],
                ],
                80,
            )}`,
        ],
    ],
    frayer: [
        ['contents', '<h2>What is in here</h2><p>Estuary ..... 2</p><p>Erosion ..... 4</p><p>Harbour ..... 6</p>'],
        ...words.flatMap(([word, said]) => [
            ['student', frayer(word)],
            ['key', frayer(word, said)],
        ]),
    ],
    sounds: [
        [
            'student',
            `${sounds([
                ['', ''],
                ['', ''],
                ['', ''],
            ])}<p>✂ ${['rain', 'sea', 'bay', 'reef', 'sail', 'green'].map((w) => `<span style="border:1px dashed #333;padding:3mm;margin:1mm;display:inline-block">${w}</span>`).join('')}</p>`,
        ],
        [
            'key',
            sounds([
                ['rain', 'sea'],
                ['bay', 'reef'],
                ['sail', 'green'],
            ]),
        ],
    ],
    plant: [
        [
            'student',
            `<h2>Parts of a plant</h2><p>Label the parts. Use the words in the box.</p><p>${bank.map((w) => `<span style="display:inline-block;border:1px solid #333;padding:2mm 4mm;margin:1mm">${w}</span>`).join('')}</p>${plant(false)}`,
        ],
        [
            'key',
            `<h2>Parts of a plant</h2><p>Label the parts. Use the words in the box.</p><p style="height:12mm"></p>${plant(true)}`,
        ],
    ],
    play: [
        [
            'student',
            `<h2>The fox and the ferry</h2><h3>Parts: Narrator, Fox, Ferryman, Otter</h3>${[
                'Narrator: One evening a fox came to the river.',
                'Fox: I must cross before dark.',
                'Ferryman: It costs two fish.',
                'Fox: I have none, but I have a good story.',
                'Otter: Do not believe him!',
            ]
                .map((t) => `<p>${t}</p>`)
                .join('')
                .repeat(3)}`,
        ],
        [
            'student',
            `<h2>After you read</h2>${['Why did the fox want to cross?', 'What did the otter say, and why?', 'How would you end the story?'].map((q, i) => `<p>${i + 1}. ${q}</p>${L(4)}`).join('')}`,
        ],
        [
            'key',
            '<h2>After you read</h2><p>1. The fox wanted to cross because it was getting dark.</p><p>2. The otter said not to believe him, because the fox had tricked others before.</p><p>3. Endings will vary.</p>',
        ],
    ],
    rhythm: [
        ['cover', '<h1 style="text-align:center;margin-top:80mm">Rhythm reading 1</h1>'],
        ['student', clap('')],
        ['key', clap('<i>1 2&amp; 3 4 1&amp; 2&amp; 3 4</i>')],
        ['student', `<h2>Your turn</h2><p>Make up four bars. Use each sign at least once.</p>${L(4)}`],
    ],
    speeches: [
        ['student', `<h2>My speech</h2><p>Opening</p>${L(3)}<p>Reasons</p>${L(6)}<p>Closing</p>${L(3)}`],
        [
            'student',
            `<h2>Listening sheet</h2>${T([['Speaker', 'Best point', 'A question I have'], ...Array.from({ length: 4 }, () => ['', '', ''])], 55)}`,
        ],
        [
            'guide',
            '<h2>Running the debate</h2><p>1. Give students two days to prepare. 2. Seat the sides across from each other. 3. Each speaker has two minutes. 4. The class votes before and after. Score with the sheet on the next page.</p>',
        ],
    ],
};

export const keyedPacks = Object.entries(packs).map(([name, pages]) => ({
    name: `keyed-${name}`,
    size: ['210mm', '297mm'],
    css,
    pages: pages.map(([role, html]) => ({ role, html })),
    sections: false,
}));
