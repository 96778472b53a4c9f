// The packs: each page as HTML with its role and, for student pages, the section it belongs to.
import { a4, letter, lines, list, page, student } from './page.mjs';

const words = ['ONE', 'TWO', 'THREE', 'FOUR', 'FIVE', 'SIX', 'SEVEN', 'EIGHT'];
const roman = ['I', 'II', 'III', 'IV', 'V', 'VI'];
const gardens = [
    [
        'Seeds asleep',
        'A bean seed can wait for years. Inside is a tiny plant with food packed round it.',
        ['What is inside a bean seed?', 'How long can it wait?', 'Why does it need food?'],
        ['a tiny plant', 'for years', 'it has no leaves to make any'],
    ],
    [
        'Roots first',
        'The root comes before the shoot. It holds the plant fast and drinks for it.',
        ['What comes out first?', 'Name two jobs of a root.', 'Draw a seed with its root.'],
        ['the root', 'holding fast and drinking', 'see drawing: root below'],
    ],
    [
        'Up to the light',
        'The shoot bends toward the window. Turn the pot and it bends back again.',
        ['Which way does the shoot bend?', 'What happens when the pot is turned?', 'Write what you would try next.'],
        ['toward the window', 'it bends back', 'any fair test with one change'],
    ],
    [
        'Leaves at work',
        'Green leaves make sugar from air and water while the sun shines.',
        ['What do leaves make?', 'What do they need?', 'When do they stop?'],
        ['sugar', 'air, water and sun', 'at night'],
    ],
    [
        'Visitors',
        'Bees carry yellow dust from flower to flower without knowing what they do.',
        ['What do bees carry?', 'Do they know it?', 'Explain why flowers are bright.'],
        ['yellow dust, pollen', 'no', 'bright petals draw the bees'],
    ],
];
const gardenPage = (n, answers) => {
    const [title, text, questions, given] = gardens[n];
    return `<div class="tag">DAY ${words[n]}</div><h2>${title}</h2><p>Name ____________________ Date __________</p><p>${text}</p>${list(...questions.map((q, i) => `${q}${answers ? ` <b class="ans">${given[i]}</b>` : lines(2)}`))}`;
};

const sums = (n) => list(...Array.from({ length: 6 }, (_, i) => `${(n + 2) * (i + 3)} ÷ ${n + 2} = ______`));

const passage =
    'The old keeper climbed the stairs each evening before the sun went down. He carried oil in a can and a cloth for the glass. When the lamp was lit he wrote the hour in a book with a brown cover, and then he listened to the wind until it was time to climb again. ';
const crossing =
    'Long ago the valley had no bridge. People waited for the ferryman, who came when he liked. One winter the baker grew tired of waiting and began to carry stones. ';

export const packs = [
    {
        // US: written-out days, a teacher copy after each student page, "page n of m" heads.
        name: 'us-days',
        size: letter,
        css: 'body{font:12pt Georgia,serif}h1{font-size:40pt}h2{font-size:17pt}.tag{font:bold 20pt sans-serif}.ans{color:#b00}',
        furniture: (n, m) =>
            `<div class="head"><span>Five Days in the Garden</span><span>${n} of ${m}</span></div><div class="foot"><span>© Thistle & Twine Learning</span></div>`,
        pages: [
            page(
                'cover',
                '<h1>Five Days in the Garden</h1><p>A reading week for second graders</p><p>by Thistle & Twine Learning</p>',
                { bare: true },
            ),
            page(
                'terms',
                '<h2>Thank you for your purchase!</h2><p>This resource is licensed for single classroom use only. You may not share it online, resell it, or post it on a public website. Additional licenses are available at a reduced price. All rights reserved.</p>',
            ),
            page(
                'guide',
                '<h2>Teacher Guide</h2><p>Objectives: students will read short texts and answer questions in writing. Materials: pencils, a bean in a jar. Print one set for each student. Have the students share answers in pairs before the whole class talks.</p><p>Differentiation: let students draw the last answer.</p>',
            ),
            ...[0, 1, 2, 3, 4].flatMap((n) => [
                student(`day ${n + 1}`, gardenPage(n, false)),
                page('key', gardenPage(n, true)),
            ]),
            page(
                'credits',
                '<h2>Credits</h2><p>Clip art by the Paper Fox. Fonts by Inkwell House. Questions? E-mail hello@thistle.example. Leave a review and follow us for more packs.</p>',
            ),
        ],
    },
    {
        // British: roman lessons, two pages each, mark scheme, pupil language.
        name: 'uk-lessons',
        size: a4,
        css: 'body{font:11pt Verdana,sans-serif}h1{font-size:30pt}h2{font-size:15pt}',
        furniture: (n) =>
            `<div class="head"><span>Year 5 · The River Wend</span></div><div class="foot"><span></span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>The River Wend</h1><p>Geography for Year 5</p>', { bare: true }),
            page(
                'contents',
                `<h2>Contents</h2>${['Teacher’s notes 3', 'Lesson I 4', 'Lesson II 6', 'Lesson III 8', 'Mark scheme 10'].map((r) => `<p style="display:flex;justify-content:space-between"><span>${r.slice(0, r.lastIndexOf(' '))}</span><span>${r.slice(r.lastIndexOf(' '))}</span></p>`).join('')}`,
            ),
            page(
                'guide',
                '<h2>Teacher’s notes</h2><p>Each lesson takes 50 minutes. Pupils should work in small groups with an atlas. Learning intentions: pupils can describe the course of a river and use the words source, meander and mouth. Ask the class what they know of their own river before you start.</p>',
            ),
            ...['From source to mouth', 'Meanders', 'A town on the bank'].flatMap((title, n) => [
                student(
                    `lesson ${n + 1}`,
                    `<h2>Lesson ${roman[n]}: ${title}</h2><p>Name: __________ Class: ______</p>${list(`Label the map with these words: source, mouth, bank${n}.`, 'Describe what happens to the water at the bend.' + lines(3), 'Which side is deeper? Explain why.' + lines(3))}`,
                ),
                student(
                    `lesson ${n + 1}`,
                    `<p>Look at the picture at the top of the last page again.</p>${list(`Colour the ${['hills', 'fields', 'houses'][n]} green.`, 'Complete the table with what you have found.', 'Write two questions of your own.' + lines(4))}`,
                ),
            ]),
            page(
                'key',
                '<h2>Mark scheme</h2><p><b>Lesson I</b> 1. source at A, mouth at C [2 marks] 2. it slows [1 mark]</p><p><b>Lesson II</b> 1. any two bends 2. accept other sensible answers</p><p><b>Lesson III</b> 1. the bridge 2. the outer side</p>',
            ),
        ],
    },
    {
        // Task cards, one a page, landscape, with a recording sheet.
        name: 'cards-single',
        size: ['11in', '8.5in'],
        css: 'body{font:20pt "Comic Neue","DejaVu Sans",sans-serif}h1{font-size:54pt}.card{border:3px solid #333;padding:10mm;margin-top:8mm}.no{font-weight:bold}.small{font-size:12pt}',
        pages: [
            page('cover', '<h1>Fraction Task Cards</h1><p>8 cards, grade 4</p>'),
            page(
                'terms',
                '<div class="small"><p>Terms of Use</p><p>Copyright Lark Hill Resources. Permission is given to one teacher for personal and classroom use. You may not upload this file to a school server or website, and it may not be sold.</p></div>',
            ),
            page(
                'guide',
                '<div class="small"><p><b>How to use these cards</b></p><p>Print and laminate the cards. Place them around the room. Students walk in pairs and record on the sheet. Early finishers can write a card of their own. Materials: clipboards.</p></div>',
            ),
            ...[1, 2, 3, 4, 5, 6, 7, 8].map((n) =>
                student(
                    `task card ${n}`,
                    `<div class="card"><span class="no">Task Card #${n}</span><p>A rope of ${n + 3} meters is cut into ${n + 1} equal parts. How long is each part?</p></div>`,
                ),
            ),
            page(
                'key',
                `<div class="small"><p><b>Answer Key</b></p>${[1, 2, 3, 4, 5, 6, 7, 8].map((n) => `<p>${n}. ${n + 3}/${n + 1} m</p>`).join('')}</div>`,
            ),
        ],
    },
    {
        // Four cards to a page.
        name: 'cards-four',
        size: letter,
        css: 'body{font:12pt "DejaVu Sans",sans-serif}h1{font-size:36pt}.grid{display:grid;grid-template-columns:1fr 1fr;gap:6mm}.card{border:2px dashed #333;height:110mm;padding:5mm}',
        pages: [
            page('cover', '<h1>Weather Word Cards</h1><p>sixteen cards for vocabulary</p>'),
            ...[0, 1, 2, 3].map((p) =>
                student(
                    `card ${p * 4 + 1}`,
                    `<div class="grid">${[1, 2, 3, 4].map((c) => `<div class="card"><b>Card ${p * 4 + c}</b><p>Use the word ${['gale', 'drizzle', 'frost', 'haze', 'thunder', 'sleet', 'breeze', 'hail', 'mist', 'flood', 'drought', 'rainbow', 'cloud', 'storm', 'sunshine', 'snowfall'][p * 4 + c - 1]} in a sentence of your own.</p></div>`).join('')}</div>`,
                ),
            ),
            page(
                'key',
                '<h2>Sample answers</h2><p>Answers will vary. Card 1: The gale bent the trees. Card 2: We walked in the drizzle. Card 3: Frost lay on the grass. Card 4: The haze hid the hill.</p><p>Card 5: Thunder woke us. Card 6: Sleet stung our faces.</p>',
            ),
            page(
                'credits',
                '<h2>About the author</h2><p>These cards were written and drawn by a teacher for teachers. Fonts and borders from the Paper Fox. Find us at www.lark.example and tell us what you think.</p>',
            ),
        ],
    },
    {
        // Weeks of three pages: continuation pages have no heading at all.
        name: 'weeks',
        size: letter,
        css: 'body{font:13pt "DejaVu Serif",serif}h1{font-size:34pt}h2{font-size:20pt}',
        furniture: (n) => `<div class="foot"><span>Number Workout</span><span>Page ${n}</span></div>`,
        pages: [
            page('cover', '<h1>Number Workout</h1><p>Four weeks of practice</p>', { bare: true }),
            page(
                'guide',
                '<h2>For the Teacher</h2><p>Give one page each morning as a warm-up. Students need about 10 minutes. The standards covered are listed in the curriculum table. Support: let students use counters.</p>',
            ),
            ...[1, 2, 3, 4].flatMap((w) => [
                student(`week ${w}`, `<h2>Week ${w}</h2><p>Name ________________</p>${sums(w)}`),
                student(`week ${w}`, `${sums(w + 5)}<p>Show how you worked out the last one.</p>${lines(4)}`),
                student(
                    `week ${w}`,
                    `<p>Solve the problem. Write the number sentence.</p><p>A crate holds ${w + 6} jars. How many crates are needed for ${(w + 6) * 5} jars?</p>${lines(6)}`,
                ),
            ]),
            page('blank', ''.padEnd(0), { bare: true }),
            page(
                'key',
                `<h2>Answers</h2>${[1, 2, 3, 4].map((w) => `<p><b>Week ${w}</b>: ${[3, 4, 5, 6, 7, 8].join(', ')}; five crates</p>`).join('')}`,
            ),
        ],
    },
    {
        // No numbers anywhere: sections by their titles; teacher pages by their prose.
        name: 'titles',
        size: a4,
        css: 'body{font:11pt "DejaVu Sans",sans-serif}h1{font-size:32pt}h2{font-size:19pt}p,li{line-height:1.5}',
        furniture: () => '<div class="foot"><span>Kitchen Science · Saltbox Books</span></div>',
        pages: [
            page('cover', '<h1>Kitchen Science</h1><p>Small experiments with big questions</p>', { bare: true }),
            page(
                'guide',
                '<h2>Notes for teachers</h2><p>Children work best in pairs. Prepare the materials in advance: jars, salt, vinegar, string. Remind the children to wait for each result. Assessment: listen for the words dissolve and fizz.</p>',
            ),
            ...['Salt that climbs', 'The shy pepper', 'A fizzing boat'].flatMap((title, n) => [
                student(
                    title,
                    `<h2>${title}</h2><p>Name: ____________</p><p>You need: a jar, ${['salt', 'pepper', 'a cork'][n]}, water.</p>${list('Fill the jar half full.', 'Add two spoons and stir.', 'Draw what you see.', 'What do you think will happen next?' + lines(2))}`,
                ),
                student(
                    title,
                    `<h2>${title} (continued)</h2>${list('Record what happened after an hour.' + lines(3), 'Was your guess right? Explain.' + lines(3))}`,
                ),
            ]),
            page(
                'key',
                '<h2>Possible answers</h2><p><b>Salt that climbs</b>: water climbs the string and leaves the salt behind.</p><p><b>The shy pepper</b>: soap pulls the water’s skin away.</p><p><b>A fizzing boat</b>: gas pushes the boat.</p>',
            ),
            page(
                'terms',
                '<h2>Copyright</h2><p>No part of this book may be redistributed without permission. Bought copies are for one school only. Photocopies for classroom use are allowed; commercial use is not.</p>',
            ),
        ],
    },
    {
        name: 'scan',
        size: letter,
        css: 'body{font:14pt serif}',
        scanned: true,
        pages: [
            student('day 1', '<h2>Day 1</h2><p>Name ______</p><p>Write three words.</p>'),
            student('day 2', '<h2>Day 2</h2><p>Name ______</p>'),
            page('key', '<h2>Answer key</h2><p>1. salt</p>'),
        ],
    },
    {
        // The key is a sheet of small pages; stations in landscape words; centre in British spelling.
        name: 'stations',
        size: letter,
        css: 'body{font:14pt "DejaVu Sans",sans-serif}h1{font-size:44pt}h2{font-size:22pt}.mini{display:grid;grid-template-columns:1fr 1fr;gap:5mm}.mini div{border:1px solid #333;height:118mm;padding:3mm;font-size:4.2pt}.mini h2{font-size:6pt}',
        furniture: (n, m) =>
            `<div class="head"><span>Light and Shadow Stations</span><span>Page ${n}/${m}</span></div>`,
        pages: [
            page('cover', '<h1>Light and Shadow</h1><p>Six stations for the science room</p>', { bare: true }),
            page(
                'guide',
                '<h2>Station Set-Up</h2><p>Set out the six tables before the lesson. Materials: torches, mirrors, card. Groups move on every 8 minutes; have the students carry their sheets. Extension: invite students to plan a seventh table.</p>',
            ),
            ...[1, 2, 3, 4, 5, 6].map((n) => student(`station ${n}`, stationHtml(n, ''))),
            page(
                'key',
                `<div class="mini">${[1, 2, 3, 4].map((n) => `<div>${stationHtml(n, 'It moves the other way, and grows as the lamp comes near.')}</div>`).join('')}</div>`,
            ),
            page(
                'key',
                `<div class="mini">${[5, 6].map((n) => `<div>${stationHtml(n, 'It moves the other way, and grows as the lamp comes near.')}</div>`).join('')}</div>`,
            ),
        ],
    },
    {
        // Serif, dotted contents, investigations, parts within each page as a trap, empty pages, teacher version of
        // one.
        name: 'investigations',
        size: a4,
        css: 'body{font:11.5pt "DejaVu Serif",serif}h1{font-size:28pt}h2{font-size:16pt}h3{font-size:12pt}',
        furniture: (n) => `<div class="foot"><span>Investigating Sound</span><span>– ${n} –</span></div>`,
        pages: [
            page('cover', '<h1>Investigating Sound</h1><p>A laboratory workbook</p><p>Bellweather Press</p>', {
                bare: true,
            }),
            page('blank', '', { bare: true }),
            page(
                'contents',
                `<h2>Table of Contents</h2>${[
                    ['Investigation 1', 5],
                    ['Investigation 2', 7],
                    ['Investigation 3', 8],
                    ['Investigation 4', 10],
                    ['Solutions', 12],
                ]
                    .map(([t, p]) => `<p>${t} ${'.'.repeat(60)} ${p}</p>`)
                    .join('')}`,
            ),
            page(
                'guide',
                '<h2>Overview for the teacher</h2><p>The four investigations follow the national curriculum. Learners work with tuning forks. Allow 40 minutes for each. Support: scaffold the tables for those who need it; extend with a study of echoes.</p>',
            ),
            student(
                'investigation 1',
                `<h2>Investigation 1: What makes a sound?</h2><h3>Part A</h3>${list('Strike the fork. Describe what you feel.' + lines(2))}<h3>Part B</h3>${list('Touch it to water. Draw the water.')}`,
            ),
            student(
                'investigation 1',
                `<h3>Part C</h3>${list('Compare a long and a short ruler.' + lines(3), 'Which is lower? Why?' + lines(3))}`,
            ),
            student(
                'investigation 2',
                `<h2>Investigation 2: How does it travel?</h2><h3>Part A</h3>${list('Make a string telephone and record how far it works.' + lines(3))}<h3>Part B</h3>${list('Does it work round a corner?' + lines(2))}`,
            ),
            student(
                'investigation 3',
                `<h2>Investigation 3: High and low</h2><h3>Part A</h3>${list('Fill five bottles. Order them from high to low.' + lines(2))}<h3>Part B</h3>${list('Predict the sixth.' + lines(2))}`,
            ),
            student(
                'investigation 3',
                `<h3>Part C</h3>${list('Blow across the bottles instead. What changes?' + lines(4), 'Explain with the word air.' + lines(3))}`,
            ),
            student(
                'investigation 4',
                `<h2>Investigation 4: Loud and soft</h2><h3>Part A</h3>${list('Measure how far you must walk until you no longer hear the clock.' + lines(3))}`,
            ),
            page('blank', '', { bare: true }),
            page(
                'key',
                '<h2>Solutions</h2><p>Investigation 1 A: it trembles. B: rings on the water. C: the long one is lower.</p><p>Investigation 2 A: about ten metres. B: no, unless the string is tight.</p><p>Investigation 3: less water, lower when blown.</p>',
            ),
        ],
    },
    {
        name: 'novel',
        size: letter,
        css: 'body{font:12pt Georgia,serif}h1{font-size:38pt}h2{font-size:18pt}',
        furniture: (n) => `<div class="foot"><span>The Keeper's Year: Novel Study</span><span>${n}</span></div>`,
        pages: [
            page('cover', "<h1>The Keeper's Year</h1><p>A novel study for grades 4-6</p>", { bare: true }),
            page(
                'guide',
                '<h2>Dear Teacher,</h2><p>This novel study is meant for four weeks of reading workshop. Read two chapters aloud, then let your students answer in writing. Vocabulary can be set for homework. I usually have my class keep everything in a folder.</p>',
            ),
            page(
                'contents',
                `<h2>What's Included</h2>${[
                    ['Chapters 1-2', 4],
                    ['Chapters 3-4', 6],
                    ['Chapters 5-6', 8],
                    ['Final Project', 10],
                    ['Answer Keys', 11],
                ]
                    .map(
                        ([a, b]) =>
                            `<p style="display:flex;justify-content:space-between"><span>${a}</span><span>${b}</span></p>`,
                    )
                    .join('')}`,
            ),
            ...[1, 3, 5].flatMap((c) => [
                student(
                    `ch${c}`,
                    `<h2>Chapters ${c}-${c + 1}: Comprehension</h2><p>Name: ____________________</p>${list('Who climbs the stairs first?' + lines(2), 'Why does the keeper write in the book?' + lines(2))}`,
                ),
                student(
                    `ch${c}`,
                    `<h3>Vocabulary</h3><p>Write the meaning of each word in your own words.</p><p>lantern</p><p>brass</p><p>fog</p>`,
                ),
            ]),
            student(
                'ch5',
                '<h2>Final Project</h2><p>Choose one. Design a new cover, write a letter to the keeper, or build a model of the tower. Present it to your group.</p>',
            ),
            page(
                'key',
                '<h2>Answer Key: Chapters 1-2</h2><p>1. the girl 2. so that he remembers</p><p>lantern: a lamp you carry</p>',
            ),
            page(
                'key',
                '<h2>Answer Key: Chapters 3-6</h2><p>1. the cat 2. he is lonely 3. the storm 4. the boat comes</p>',
            ),
        ],
    },
    {
        name: 'passages',
        size: a4,
        css: 'body{font:12pt "DejaVu Sans",sans-serif}h1{font-size:30pt}h2{font-size:18pt}',
        furniture: (n, m) => `<div class="foot"><span>Reading Together</span><span>${n} / ${m}</span></div>`,
        pages: [
            page('cover', '<h1>Reading Together</h1><p>Short texts with questions</p>', { bare: true }),
            page(
                'terms',
                '<h2>Licence</h2><p>You have bought a licence for one school. Staff may print copies for their own classes. Do not put the file on a public website or share it with other schools.</p>',
            ),
            ...[1, 2, 3, 4].flatMap((t) => [
                student(`text ${t}`, `<h2>Text ${t}: The Keeper</h2><p>${passage.repeat(2)}</p>`),
                student(
                    `text ${t}`,
                    `<p>Questions on Text ${t}</p>${list('What did the keeper carry?' + lines(1), 'Find a word that means “flame”.', 'How do you think he felt? Give a reason.' + lines(3))}`,
                ),
            ]),
            page(
                'key',
                `<h2>Suggested answers</h2>${[1, 2, 3, 4].map((t) => `<p>Text ${t}: oil and a cloth; lamp; lonely, because he listens to the wind</p>`).join('')}`,
            ),
            page(
                'credits',
                '<h2>Acknowledgements</h2><p>Texts by the Saltbox writers’ room. Pictures from our own drawers. Published by Saltbox Books. Write to us at post@saltbox.example.</p>',
            ),
        ],
    },
    {
        name: 'letters',
        size: letter,
        css: 'body{font:16pt "DejaVu Sans",sans-serif}h1{font-size:48pt}.big{font-size:60pt;color:#999}',
        pages: [
            page('cover', '<h1>Letter Trail</h1><p>handwriting practice</p>'),
            page(
                'guide',
                '<p><b>Getting started</b></p><p>Children should sit with both feet on the floor. Show them where each letter begins. Ten minutes a day is enough; encourage children to say the sound as they write.</p>',
            ),
            ...'abcdef'
                .split('')
                .map((l, n) =>
                    student(
                        `activity ${n + 1}`,
                        `<p><b>Activity ${n + 1}</b></p><p>Trace the letter.</p><p class="big">${l} ${l} ${l} ${l}</p><p>Now write it on your own.</p>${lines(3)}`,
                    ),
                ),
            page(
                'credits',
                '<p>Thank you! If you have a minute, please leave feedback. You can find more of our resources at www.trail.example. Fonts by Inkwell House.</p>',
            ),
        ],
    },
    {
        name: 'math',
        size: letter,
        css: 'body{font:12pt Arial,"DejaVu Sans",sans-serif}h1{font-size:40pt}h2{font-size:16pt}.r{color:red}',
        furniture: (n) =>
            `<div class="head"><span>Name: ______________</span><span>Multiplication Mastery ${n}</span></div>`,
        pages: [
            page('cover', '<h1>Multiplication Mastery</h1><p>Exit tickets for grade 3</p>', { bare: true }),
            page(
                'guide',
                '<h2>Teacher Directions</h2><p>Hand out one ticket at the end of each lesson. Students have five minutes. Sort the tickets into three piles and plan your small groups for the next day. Standards: see the table in the unit.</p>',
                { bare: true },
            ),
            ...[1, 2, 3, 4, 5].map((n) =>
                student(
                    `exit ${n}`,
                    `<h2>Lesson ${n} Exit Ticket</h2>${list(`${n} × 6 = ____`, `${n + 2} × 4 = ____`, `Draw an array for ${n} × 3.`, `Mia has ${n} bags of 5 shells. How many shells does she have?`)}`,
                ),
            ),
            ...[1, 2, 3, 4, 5].map((n) =>
                page(
                    'key',
                    `<h2>Lesson ${n} Exit Ticket</h2>${list(`${n} × 6 = <span class="r">${n * 6}</span>`, `${n + 2} × 4 = <span class="r">${(n + 2) * 4}</span>`, `Draw an array for ${n} × 3. <span class="r">${n} rows of three dots</span>`, `Mia has ${n} bags of 5 shells. How many shells does she have? <span class="r">${n * 5} shells</span>`)}`,
                ),
            ),
        ],
    },
    {
        name: 'bridge',
        size: letter,
        css: 'body{font:12pt Arial,"DejaVu Sans",sans-serif}h1{font-size:38pt}h2{font-size:17pt}',
        furniture: (n, m) => `<div class="foot"><span>Bridge Builders</span><span>p. ${n} of ${m}</span></div>`,
        pages: [
            page('cover', '<h1>Bridge Builders</h1><p>A STEM unit</p><p>Grades 3–5</p>', { bare: true }),
            ...[1, 2, 3].flatMap((d) => [
                page(
                    'guide',
                    `<h2>Day ${d} Lesson Plan</h2><p>Objective: students will test a span of paper. Materials: paper, coins, books. Warm-up (5 minutes): ask students what a bridge must hold. Whole group, then pairs. Assessment: collect the log.</p>`,
                ),
                student(
                    `day ${d}`,
                    `<h2>Day ${d}: Engineer's Log</h2><p>Name ____________</p>${list('My plan:' + lines(2), 'What happened when you added coins?' + lines(2), 'Next time I will ...' + lines(2))}`,
                ),
            ]),
            student(
                'day 3',
                `<h2>Check your work</h2><p>Tick each box before you hand in your log.</p><p>I drew my bridge. I counted the coins. I explained what happened.</p>`,
            ),
            page(
                'key',
                `<h2>Day 1–3 Sample Responses</h2><p>Day 1: The flat paper held two coins. Day 2: The folded paper held nine. Day 3: Answers will vary.</p>`,
            ),
            page(
                'terms',
                '<p>© Little Pier Studio. For use in one classroom. Copying any part of this product and placing it on the internet in any form is forbidden. Please purchase additional licenses for colleagues.</p>',
            ),
        ],
    },
    {
        name: 'baker',
        size: a4,
        css: 'body{font:12pt "DejaVu Serif",serif}h1{font-size:26pt}h2{font-size:15pt}',
        furniture: (n) =>
            `<div class="head"><span>English · Year 6</span></div><div class="foot"><span></span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>The Baker’s Bridge</h1><p>Reading comprehension</p>', { bare: true }),
            ...['One', 'Two', 'Three'].flatMap((w, i) => [
                student(`part ${i + 1}`, `<h2>Part ${w}</h2><p>${crossing.repeat(3)}</p>`),
                student(
                    `part ${i + 1}`,
                    `<h2>Part ${w}: questions</h2>${list('Who carried the stones?', 'Why did people wait?', 'Would you have helped? Say why.')}`,
                ),
            ]),
            page(
                'key',
                `<h2>Part One – answers</h2>${list('the baker', 'there was no bridge', 'own opinion with a reason')}`,
            ),
            page('key', `<h2>Part Two – answers</h2>${list('the ferryman', 'it froze', 'own opinion with a reason')}`),
            page('key', `<h2>Part Three – answers</h2>${list('everyone', 'the arch', 'own opinion with a reason')}`),
        ],
    },
    {
        name: 'sprints',
        size: letter,
        css: 'body{font:14pt "DejaVu Sans",sans-serif}h1{font-size:44pt}h2{font-size:18pt}.r{color:red}',
        pages: [
            page('cover', '<h1>Quick Sums</h1><p>sprints for fluency</p>'),
            ...[1, 2, 3, 4].map((n) =>
                student(
                    `sprint ${n}`,
                    `<h2>Round ${n}</h2><p>Name: ________ Score: ___</p>${list(...Array.from({ length: 8 }, (_, i) => `${n + i} + ${i * 2 + 3} =`))}`,
                ),
            ),
            ...[1, 2, 3, 4].map((n) =>
                page(
                    'key',
                    `<h2>Round ${n}</h2><p>Name: KEY Score: ___</p>${list(...Array.from({ length: 8 }, (_, i) => `${n + i} + ${i * 2 + 3} = <span class="r">${n + i + i * 2 + 3}</span>`))}`,
                ),
            ),
        ],
    },
    {
        name: 'scoot',
        size: letter,
        css: 'body{font:16pt "DejaVu Sans",sans-serif}h1{font-size:44pt}h2{font-size:18pt}.c{border:2px solid #333;padding:8mm;margin:4mm}',
        pages: [
            page('cover', '<h1>Scoot! Time Cards</h1><p>12 cards · grade 2</p>'),
            page(
                'guide',
                '<p><b>Teacher Instructions</b></p><p>Cut out and laminate the cards. Tape them around the room. Give each student a recording sheet. Students scoot to the next card when you ring the bell.</p>',
            ),
            ...[0, 1, 2].map((p) =>
                student(
                    `card ${p * 4 + 1}`,
                    [1, 2, 3, 4]
                        .map(
                            (c) =>
                                `<div class="c">Card ${p * 4 + c}<br>The bus leaves at ${p + c}:15. It is ${c + 4} minutes late. When does it leave?</div>`,
                        )
                        .join(''),
                ),
            ),
            student(
                'recording',
                `<h2>Recording Sheet</h2><p>Name: ________</p>${list(...Array.from({ length: 12 }, () => '________'))}`,
            ),
            page(
                'key',
                `<h2>Recording Sheet – KEY</h2>${list(...Array.from({ length: 12 }, (_, i) => `${i + 1}:20`))}`,
            ),
        ],
    },
];

function stationHtml(n, answer) {
    return `<h2>Station ${n}</h2><p>Name ______________</p>${list(`Hold the ${['card', 'cup', 'mirror', 'lens', 'screen', 'prism'][n - 1]} in the beam and look at the wall. What do you see? ${answer}`, `Move the lamp ${n} hand${n > 1 ? 's' : ''} to the left. Which way does the shadow go? ${answer}`, 'Draw it in the box below.')}`;
}
