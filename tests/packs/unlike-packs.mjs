// Packs whose labels, keys and guides are unlike the others': a word over its number, two levels, Roman numerals, bare
// numbers, guides full of tasks, keys that go on without a title; see packs.mjs.
import { a4, letter, lines, list, page, student } from './page.mjs';

const name = '<p>Name ____________ Date ________</p>';
const days = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'];
const prose =
    'The path goes down to the river and along it as far as the old bridge. Ducks sleep under the willows. In spring the water stands over the stones, and nobody crosses before noon.';

const cells = (rows, columns, size, said = () => '') =>
    `<table>${Array.from({ length: rows }, (_, row) => `<tr>${Array.from({ length: columns }, (_, column) => `<td style="${size}">${said(row, column)}</td>`).join('')}</tr>`).join('')}</table>`;

export const unlikePacks = [
    {
        name: 'badges',
        size: a4,
        css: 'body{font:12pt Arial,sans-serif}.badge{position:absolute;right:18mm;top:14mm;width:22mm;text-align:center;background:#ddd;border-radius:50%;padding:4mm 0;font-weight:bold}.badge b{display:block;font-size:20pt}h1{font-size:34pt}',
        pages: [
            page('cover', '<h1>River walk</h1><p>A journal for five days</p>'),
            ...[7, 8, 9, 10].map((n) =>
                student(
                    `day ${n}`,
                    `<div class="badge">DAY<b>${n}</b></div>${name}<p>Draw what you saw by the river.</p><div style="border:1px solid #333;height:80mm"></div><p>Write three sentences about it.</p>${lines(4)}`,
                ),
            ),
            page(
                'key',
                `<h2>To the questions</h2><p>Day 7: answers will vary.</p><p>Day 8: answers will vary.</p><p>Day 9: three ducks. Day 10: the old bridge.</p>`,
            ),
        ],
    },
    {
        name: 'two-levels',
        size: letter,
        css: 'body{font:12pt Georgia,serif}h2{font-size:18pt}h1{font-size:36pt}',
        pages: [
            page('cover', '<h1>Starters</h1><p>Two weeks of quick maths</p>'),
            ...[1, 2].flatMap((week) =>
                days.map((day, n) =>
                    student(
                        `week ${week}, ${day}`,
                        `<h2>Week ${week}, ${day}</h2>${name}${list(...[1, 2, 3, 4].map((q) => `${11 * q + n} + ${7 * week} = ______`))}`,
                    ),
                ),
            ),
            page(
                'key',
                `<h2>Week 1 – solutions</h2>${days.map((day, n) => `<p>${day}: ${[1, 2, 3, 4].map((q) => 11 * q + n + 7).join(', ')}</p>`).join('')}`,
            ),
            page(
                'key',
                `<p>Week 2</p>${days.map((day, n) => `<p>${day}: ${[1, 2, 3, 4].map((q) => 11 * q + n + 14).join(', ')}</p>`).join('')}`,
            ),
        ],
    },
    {
        name: 'scenes',
        size: a4,
        css: 'body{font:12pt Georgia,serif}h2{font-size:17pt}h1{font-size:34pt}',
        pages: [
            page('cover', '<h1>The Drowned Bell</h1><p>A play for class reading</p>'),
            page(
                'guide',
                '<h2>Leading the talk</h2><p>Students read the scene aloud in fours. They underline what the ringer wants, then write it in one line. Ask them to compare lines with a partner. Pupils who finish early draw the stage. Allow twenty minutes for each scene and collect the sheets at the end.</p>',
            ),
            ...['I', 'II', 'III', 'IV'].map((n) =>
                student(
                    `scene ${n}`,
                    `<h2>Scene ${n}</h2>${name}<p>${prose}</p>${list('Who comes in first?', 'What does the ringer want?')}${lines(3)}`,
                ),
            ),
            student(null, `<h2>My own ending</h2>${name}<p>Write the last scene as you would have it.</p>${lines(12)}`),
            page(
                'key',
                `<h2>Sample responses</h2><p>Scene I: 1. the ringer 2. to be heard. Scene II: 1. the boy 2. silence. Scene III: 1. nobody 2. his bell. Scene IV: 1. all of them 2. to go home.</p>`,
            ),
        ],
    },
    {
        name: 'bare-cards',
        size: letter,
        css: 'body{font:12pt Arial,sans-serif}.cards{display:grid;grid-template-columns:1fr 1fr;gap:6mm}.card{border:1.5px dashed #444;height:95mm;padding:5mm}.card b{font-size:18pt}h1{font-size:34pt}',
        pages: [
            page('cover', '<h1>Round the room</h1><p>16 cards on area</p>'),
            page(
                'guide',
                '<h2>How to use the cards</h2><p>Print the cards and cut them out. Hang them round the room. Pupils go from card to card with a clipboard and work out each one. Give them two minutes a card. The recording sheet is on the last page but one.</p>',
            ),
            ...[0, 1, 2, 3].map((p) =>
                student(
                    `cards ${4 * p + 1}-${4 * p + 4}`,
                    `<div class="cards">${[1, 2, 3, 4].map((n) => `<div class="card"><b>${4 * p + n}</b><p>A garden is ${n + 3} m long and ${p + 2} m wide. What is its area?</p></div>`).join('')}</div>`,
                ),
            ),
            student(
                null,
                `<h2>Recording sheet</h2>${name}<table style="width:100%;border-collapse:collapse">${[0, 1, 2, 3].map((r) => `<tr>${[1, 2, 3, 4].map((c) => `<td style="border:1px solid #333;height:20mm;vertical-align:top">${4 * r + c}</td>`).join('')}</tr>`).join('')}</table>`,
            ),
            page(
                'key',
                `<h2>Recording sheet</h2><table style="width:100%;border-collapse:collapse">${[0, 1, 2, 3].map((r) => `<tr>${[1, 2, 3, 4].map((c) => `<td style="border:1px solid #333;height:20mm;vertical-align:top">${4 * r + c} &nbsp; ${(c + 3) * (r + 2)} m²</td>`).join('')}</tr>`).join('')}</table>`,
            ),
        ],
    },
    {
        name: 'station-day',
        size: a4,
        css: 'body{font:11.5pt Arial,sans-serif}h2{font-size:18pt}h1{font-size:36pt}table{border-collapse:collapse;width:100%}td,th{border:1px solid #333;padding:2mm}',
        pages: [
            page('cover', '<h1>At the railway station</h1><p>Reading times and tables</p>'),
            page(
                'contents',
                `<h2>In this pack</h2><p>Words for the journey 3</p><p>The timetable 4</p><p>Which train? 5</p><p>Plan a day 6</p><p>To check 7</p>`,
            ),
            student(
                null,
                `<h2>Words for the journey</h2>${name}<p>platform 2</p><p>single 1</p><p>return 2</p><p>carriage 8</p><p>Write a sentence with each word.</p>${lines(8)}`,
            ),
            student(
                null,
                `<h2>The timetable</h2><table><tr><th>Station</th><th>Train 1</th><th>Train 2</th><th>Train 3</th></tr>${['Alder Green', 'Millpond', 'Long Weir', 'Harbour'].map((s, n) => `<tr><td>${s}</td><td>07:${10 + 7 * n}</td><td>08:${12 + 7 * n}</td><td>09:${15 + 8 * n}</td></tr>`).join('')}</table><p>Use this page with the next one.</p>`,
            ),
            student(
                null,
                `<h2>Which train?</h2>${name}${list('Which train is first at Millpond?', 'How long from Long Weir to the Harbour by Train 3?', 'You must be there by nine. Which train do you take?')}${lines(6)}`,
            ),
            student(
                null,
                `<h2>Plan a day</h2>${name}<p>Plan a day out for your family. Say which trains you take.</p>${lines(10)}`,
            ),
            page(
                'key',
                `<h2>Which train? – for checking</h2><p>1. Train 1</p><p>2. 8 minutes</p><p>3. Train 2 at the latest</p><p>Plan a day: responses will vary.</p>`,
            ),
        ],
    },
    {
        name: 'long-key',
        size: letter,
        css: 'body{font:12pt Arial,sans-serif}h2{font-size:19pt}h1{font-size:36pt}.k{font-size:10pt}',
        pages: [
            page('cover', '<h1>Fraction practice</h1><p>Six sheets</p>'),
            ...[1, 2, 3, 4, 5, 6].map((n) =>
                student(
                    `sheet ${n}`,
                    `<h2>Sheet ${n}</h2>${name}${list(...[2, 3, 4, 5, 6].map((q) => `1/${q} of ${q * (n + 3)} = ______`))}`,
                ),
            ),
            page(
                'key',
                `<div class="k"><h2>Answers</h2>${[1, 2].map((n) => `<p><b>Sheet ${n}</b></p>${[2, 3, 4, 5, 6].map((q, at) => `<p>${at + 1}. ${n + 3}</p>`).join('')}`).join('')}</div>`,
            ),
            page(
                'key',
                `<div class="k">${[3, 4].map((n) => `<p><b>Sheet ${n}</b></p>${[2, 3, 4, 5, 6].map((q, at) => `<p>${at + 1}. ${n + 3}</p>`).join('')}`).join('')}</div>`,
            ),
            page(
                'key',
                `<div class="k">${[5, 6].map((n) => `<p><b>Sheet ${n}</b></p>${[2, 3, 4, 5, 6].map((q, at) => `<p>${at + 1}. ${n + 3}</p>`).join('')}`).join('')}</div>`,
            ),
            page(
                'terms',
                '<h2>Terms of use</h2><p>One teacher may copy these pages for one classroom. They may not be shared, sold or put on a website. The licence does not pass to others.</p>',
            ),
        ],
    },
    {
        name: 'large-headings',
        size: a4,
        css: 'body{font:12pt Arial,sans-serif}h1{font-size:28pt}.box{border:1px solid #333}',
        sections: false,
        pages: [
            student(null, `<h1>My summer</h1><div class="box" style="height:90mm"></div>${lines(8)}`),
            student(null, `<h1>My best friend</h1><div class="box" style="height:90mm"></div>${lines(8)}`),
            student(null, `<h1>Beach words</h1>${lines(18)}`),
            student(null, `<h1>A lighthouse</h1><div class="box" style="height:180mm"></div>`),
            student(null, `<h1>A web of words</h1><div class="box" style="height:70mm"></div>${lines(6)}`),
        ],
    },
    {
        name: 'au-port',
        size: a4,
        css: 'body{font:12pt Arial,sans-serif}h2{font-size:18pt}h1{font-size:24pt}',
        pages: [
            page('cover', '<h1>La vie au port</h1><p>CM1</p>'),
            page(
                'guide',
                '<h2>Pour l’enseignante</h2><p>Ce dossier comprend quatre fiches. Les élèves travaillent seuls ou à deux.</p><p>Objectifs : enrichir le vocabulaire, revoir le présent.</p><p>Durée : deux séances. Matériel : ciseaux, colle.</p>',
            ),
            student(
                'fiche 1',
                `<h2>Fiche 1 : Les mots du port</h2><p>Nom : __________ Date : _________</p><p>Relie chaque mot à sa définition.</p>${list('la grue – guide les bateaux', 'le phare – arrête les vagues', 'la digue – soulève les charges')}`,
            ),
            student(
                'fiche 2',
                `<h2>Fiche 2 : Au présent</h2><p>Complète les phrases.</p>${list('Le pêcheur (réparer) ses filets.', 'Nous (regarder) les mouettes.', 'Tu (monter) à bord.')}`,
            ),
            student('fiche 3', `<h2>Fiche 3 : À toi d’écrire</h2><p>Décris un port que tu connais.</p>${lines(12)}`),
            page(
                'key',
                '<h2>Corrigé de la fiche 1</h2><p>la grue soulève les charges</p><p>le phare guide les bateaux</p><p>la digue arrête les vagues</p><h2>Corrigé de la fiche 2</h2><p>1. répare 2. regardons 3. montes</p>',
            ),
            page(
                'terms',
                '<h2>Conditions d’utilisation</h2><p>Tous droits réservés. Usage en classe par une seule personne. Il est interdit de revendre ces fiches.</p>',
            ),
        ],
    },
    {
        name: 'first-sounds',
        size: a4,
        css: 'body{font:14pt Arial,sans-serif}h1{font-size:28pt}table{border-collapse:collapse;margin:4mm 0}td{border:1px solid #333;text-align:center}.grey{font-size:36pt;color:#999}',
        sections: false,
        pages: [
            student(null, `<h1>sh</h1>${cells(2, 3, 'width:50mm;height:40mm')}${lines(3)}`),
            student(
                null,
                `<h1>Roll and read</h1>${cells(6, 6, 'width:22mm;height:20mm', (row, column) => (column ? ['ship', 'shop', 'fish', 'dish', 'shed', 'wish'][(row + column) % 6] : row + 1))}`,
            ),
            student(
                null,
                '<h1>Trace the words</h1><p class="grey">shell shell shell</p><p class="grey">shark shark</p>',
            ),
            student(
                null,
                `<h1>Cut and stick</h1>${cells(3, 2, 'width:70mm;height:40mm')}${cells(1, 6, 'width:22mm;height:14mm', (row, column) => ['ship', 'chip', 'fish', 'dish', 'shed', 'chick'][column])}`,
            ),
            page(
                'key',
                `<h1>Cut and stick</h1><p>Answers</p>${cells(3, 2, 'width:70mm;height:40mm', (row, column) => ['ship', 'fish', 'dish', 'shed', 'chip', 'chick'][2 * row + column])}`,
            ),
        ],
    },
    {
        name: 'times-tables',
        size: a4,
        css: 'body{font:14pt Arial,sans-serif}h1{font-size:36pt}table{border-collapse:collapse;margin:4mm 0}td{border:1px solid #333}',
        sections: false,
        pages: [
            page('cover', '<h1>Times tables</h1><p>Year 4</p>'),
            ...[6, 7, 8].map((n) =>
                student(
                    null,
                    `<h2>The ${n} times table</h2><p>Name ______ Time ______ Score ___ / 20</p>${cells(10, 2, 'width:70mm;height:14mm', (row, column) => `${n} × ${((row * 7 + column * 3) % 12) + 1} =`)}`,
                ),
            ),
            ...[6, 7, 8].map((n) =>
                page(
                    'key',
                    `<h2>The ${n} times table</h2>${cells(10, 2, 'width:70mm;height:14mm', (row, column) => `${n} × ${((row * 7 + column * 3) % 12) + 1} = ${n * (((row * 7 + column * 3) % 12) + 1)}`)}`,
                ),
            ),
        ],
    },
];
