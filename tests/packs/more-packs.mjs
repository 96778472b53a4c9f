// More packs, in wordings and layouts that the first ones do not have; see packs.mjs.
import { a4, letter, lines, list, page, student } from './page.mjs';

const weather = ['cumulus', 'stratus', 'cirrus', 'nimbus'];
const q = [
    ['A farmer has 24 sheep and sells 9. How many are left?', '15'],
    ['Each pen holds 6 lambs. How many pens for 18 lambs?', '3 pens'],
    ['Wool weighs 4 kg a sheep. How much from 7 sheep?', '28 kg'],
];

export const morePacks = [
    {
        name: 'exam',
        size: a4,
        css: 'body{font:11pt Arial,sans-serif}h1{font-size:30pt}h2{font-size:15pt}.m{float:right}',
        furniture: (n) => `<div class="foot"><span>Mathematics Practice</span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>Mathematics Practice Papers</h1><p>Set of three</p><p>Ages 10–11</p>', { bare: true }),
            page(
                'guide',
                '<h2>Notes for the marker</h2><p>Each paper takes 30 minutes. Pupils may not use a calculator. Read the questions aloud if a pupil needs it. Record the marks in the table on the last page of the paper. Pupils should have a ruler and a sharp pencil.</p>',
            ),
            ...[1, 2, 3].flatMap((p) => [
                student(
                    `paper ${p}`,
                    `<h2>Paper ${p}: Arithmetic</h2><p>First name ____________ Last name ____________</p>${list(...[0, 1, 2, 3].map((q) => `${34 + p * q} × ${7 + q} = ______ <span class="m">1 mark</span>`))}`,
                ),
                student(
                    `paper ${p}`,
                    `${list(...[0, 1, 2].map((q) => `A box holds ${12 + q * p} pens. How many pens are in ${9 + q} boxes? Show your method. ${lines(2)}<span class="m">2 marks</span>`))}<p>Total for this paper ____ / 10</p>`,
                ),
            ]),
            page(
                'key',
                `<h2>Mark scheme: Papers 1–3</h2><p>Paper 1</p>${list('238', '280', '324', '370')}<p>Paper 2</p>${list('238', '288', '342')}<p>Paper 3</p>${list('238', '296', '360')}<p>Award 1 mark for a correct method with one slip.</p>`,
            ),
        ],
    },
    {
        name: 'clouds',
        size: letter,
        css: 'body{font:13pt Georgia,serif}h1{font-size:46pt}h2{font-size:22pt}.red{color:#c00}',
        furniture: (n, m) => `<div class="foot"><span>Copyright Blue Kite Classroom</span><span>${n}/${m}</span></div>`,
        pages: [
            page('cover', '<h1>Clouds!</h1><p>A mini unit</p><p>Blue Kite Classroom</p>', { bare: true }),
            page(
                'contents',
                `<h2>What's Included</h2><p>Teacher tips ........ 3</p><p>Vocabulary cards ........ 4</p><p>Reading passage ........ 5</p><p>Lab sheet ........ 6</p><p>Exit ticket ........ 7</p><p>Answer keys ........ 8</p>`,
            ),
            page(
                'guide',
                '<h2>Teacher Tips</h2><p>Start by taking your class outside. Ask students to sketch the clouds they see. This unit fits into four 30 minute blocks. Materials needed: a clear jar, hot water, ice, matches (adult only).</p>',
            ),
            student(
                null,
                `<h2>Vocabulary</h2><p>Name: ________</p>${list(...weather.map((w) => `${w} ${lines(2)}`))}<p>Write a definition for each word.</p>`,
            ),
            student(
                null,
                `<h2>High Above</h2><p>Name: ________</p><p>Clouds form when warm wet air rises and cools. The water in it turns to tiny drops that hang in the air. Feathery clouds ride high and are made of ice.</p>${list('What makes a cloud?', 'Where do you find feathery clouds?', 'What are they made of?')}${lines(6)}`,
            ),
            student(
                null,
                `<h2>Cloud in a Jar</h2><p>Name: ________</p><p>My prediction: ______________________</p><p>What happened: ______________________</p><p>Draw your jar.</p>`,
            ),
            student(
                null,
                `<h2>Exit Ticket</h2><p>Name: ________ Date: ______</p><p>One thing I learned: ____________</p><p>One question I still have: __________</p>`,
            ),
            page(
                'key',
                `<h2>High Above</h2><p>Name: ________</p><p>Clouds form when warm wet air rises and cools. The water in it turns to tiny drops that hang in the air. Feathery clouds ride high and are made of ice.</p>${list('What makes a cloud? <b class="red">warm wet air that rises and cools</b>', 'Where do you find feathery clouds? <b class="red">high up</b>', 'What are they made of? <b class="red">ice</b>')}`,
            ),
            page(
                'key',
                `<h2>Vocabulary Answers</h2>${list('cumulus: puffy and white', 'stratus: flat and grey', 'cirrus: thin and feathery', 'nimbus: brings rain')}`,
            ),
            page(
                'terms',
                '<h2>Terms</h2><p>By purchasing this file you agree to use it in your own classroom. You may make copies for your students. You may not post it on a shared drive. Each additional teacher needs a license of their own.</p>',
            ),
        ],
    },
    {
        name: 'grammarunits',
        size: letter,
        css: 'body{font:12pt Verdana,sans-serif}h1{font-size:36pt}h2{font-size:18pt}',
        furniture: (n) => `<div class="head"><span>Grammar Gym</span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>Grammar Gym</h1><p>Ten workouts for stronger sentences</p>', { bare: true }),
            page(
                'guide',
                '<h2>Dear Teacher</h2><p>Grammar Gym is a set of short daily workouts. Use one as a warm-up, or send it home. Students who finish early can write three more sentences of their own on the back.</p><p>Go over the answers as a class.</p>',
            ),
            ...[1, 2, 3, 4, 5].map((n) =>
                student(
                    `workout ${n}`,
                    `<h2>Workout ${n}</h2><p>Name ______________</p><p>Fix each sentence. Write it correctly on the line.</p>${list(`the dog run fast${n}${lines(1)}`, `where is my hat${n}${lines(1)}`, `we was late${lines(1)}`)}`,
                ),
            ),
            page(
                'key',
                `<h2>Workouts 1–5: Corrections</h2><p>Workout 1</p>${list('The dog runs fast.', 'Where is my hat?', 'We were late.')}<p>Workout 2</p>${list('The dog runs fast.', 'Where is my hat?', 'We were late.')}<p>Workout 3</p>${list('The dog runs fast.', 'Where is my hat?', 'We were late.')}<p>Workout 4</p>${list('The dog runs fast.', 'Where is my hat?', 'We were late.')}`,
            ),
        ],
    },
    {
        name: 'morning',
        size: letter,
        css: 'body{font:12pt Arial,sans-serif}h1{font-size:40pt}h2{font-size:16pt}.g{display:grid;grid-template-columns:1fr 1fr;gap:4mm}.g div{border:1px solid #333;padding:3mm;height:90mm}',
        furniture: (n, m) => `<div class="foot"><span></span><span>Page ${n} of ${m}</span></div>`,
        pages: [
            page('cover', '<h1>Morning Starters</h1><p>Two weeks, Monday to Friday</p>', { bare: true }),
            ...['One', 'Two'].flatMap((w, i) =>
                ['Monday', 'Tuesday', 'Wednesday'].map((d) =>
                    student(
                        `week ${i + 1}, ${d}`,
                        `<h2>Week ${w}: ${d}</h2><p>Name: _________</p><div class="g"><div>1. 45 + 2${i} = ___</div><div>2. Circle the noun: The cat sat.</div><div>3. Write a sentence about rain. ${lines(3)}</div><div>4. What time is it? ______</div></div>`,
                    ),
                ),
            ),
            page(
                'key',
                `<h2>Week One Solutions</h2><p>Monday: 1. 65 2. cat 3. varies 4. 3:15</p><p>Tuesday: 1. 65 2. cat 3. varies 4. 4:30</p><p>Wednesday: 1. 65 2. cat 3. varies 4. 9:00</p>`,
            ),
            page(
                'key',
                `<h2>Week Two Solutions</h2><p>Monday: 1. 66 2. cat 3. varies 4. 3:15</p><p>Tuesday: 1. 66 2. cat 3. varies 4. 4:30</p>`,
            ),
        ],
    },
    {
        name: 'history',
        size: a4,
        css: 'body{font:11.5pt "DejaVu Serif",serif}h1{font-size:32pt}h2{font-size:17pt}',
        furniture: (n) =>
            `<div class="head"><span>Life on the Canal</span><span>KS2 History</span></div><div class="foot"><span></span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>Life on the Canal</h1><p>Source booklet and tasks</p>', { bare: true }),
            page(
                'contents',
                '<h2>In this booklet</h2><p>Source A  3</p><p>Source B  5</p><p>Source C  7</p><p>Guidance for staff  9</p><p>Suggested responses  10</p>',
            ),
            ...['A', 'B', 'C'].flatMap((s) => [
                student(
                    `source ${s}`,
                    `<h2>Source ${s}</h2><p>From the day book of a lock keeper. “At first light came two boats with coal and one with cheese. The horse of the second was lame and was rested in my yard until noon. The children fetched water and sang.”</p><p>Underline three jobs in the text.</p>`,
                ),
                student(
                    `source ${s}`,
                    `<p>Use the text on the page before.</p>${list(`What did the boats carry?${lines(2)}`, `Why was the horse rested?${lines(2)}`, `What do you think the children felt? Give a reason.${lines(3)}`)}`,
                ),
            ]),
            page(
                'guide',
                '<h2>Guidance for staff</h2><p>Children work best on these sources in pairs. Hand out a magnifying glass. Link to the local canal and to the census of 1851. Allow one hour for each source. Support: read the source aloud. Challenge: compare two sources.</p>',
            ),
            page(
                'key',
                `<h2>Suggested responses</h2><p>Source A</p>${list('Coal and cheese', 'It was lame', 'Any reason drawn from the text')}<p>Source B</p>${list('Coal and cheese', 'It was lame', 'Accept any reason')}`,
            ),
            page('blank', ''),
            page(
                'credits',
                '<p>Pictures courtesy of the Wend Valley Archive. Typeset in Charter. First published by Towpath Teaching. www.towpath.example</p>',
            ),
        ],
    },
    {
        name: 'taskcards',
        size: letter,
        css: 'body{font:12pt "DejaVu Sans",sans-serif}h1{font-size:44pt}h2{font-size:18pt}.grid{display:grid;grid-template-columns:1fr 1fr;gap:5mm}.card{border:2px solid #333;height:105mm;padding:4mm}',
        pages: [
            page('cover', '<h1>Fraction Task Cards</h1><p>16 cards with recording sheet and answers</p>'),
            page(
                'guide',
                '<h2>Directions</h2><p>Print the cards on card stock and laminate them. Place them around the room. Students rotate with a clipboard and record their answers on the sheet. Works well for math centers or as a test review.</p>',
            ),
            ...[0, 1, 2, 3].map((k) =>
                student(
                    `cards ${k * 4 + 1}–${k * 4 + 4}`,
                    `<div class="grid">${[1, 2, 3, 4].map((c) => `<div class="card"><b>Task Card #${k * 4 + c}</b><p>Shade ${c}/${c + k + 2} of the bar. What fraction is left?</p></div>`).join('')}</div>`,
                ),
            ),
            student(
                null,
                `<h2>Recording Sheet</h2><p>Name ________</p>${Array.from({ length: 16 }, (_, i) => `<p>${i + 1}. ______</p>`).join('')}`,
            ),
            page(
                'key',
                `<h2>Recording Sheet: KEY</h2>${Array.from({ length: 16 }, (_, i) => `<p>${i + 1}. ${i + 1}/20</p>`).join('')}`,
            ),
        ],
    },
    {
        name: 'roman',
        size: letter,
        css: 'body{font:12pt Times,serif}h1{font-size:38pt}h2{font-size:18pt}',
        furniture: (n) => `<div class="foot"><span>Ancient Harbors</span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>Ancient Harbors</h1><p>A Literature &amp; Geography Companion</p><p>Grades 6–8</p>', {
                bare: true,
            }),
            page(
                'terms',
                '<h2>Please read</h2><p>This download is for use by one teacher. Copying for more than one classroom, or placing it on any public site, is strictly forbidden. © Harbor Light Press.</p>',
            ),
            ...['I', 'II', 'III', 'IV'].flatMap((r, i) => [
                student(
                    `chapter ${i + 1}`,
                    `<h2>CHAPTER ${r}</h2><p>Name ____________________ Period ____</p>${list(`Who meets the ship at the quay?${lines(2)}`, `Describe the storm in your own words.${lines(3)}`, `Predict what the captain will do next.${lines(3)}`)}`,
                ),
                student(
                    `chapter ${i + 1}`,
                    `<p>Vocabulary. Match each word with its meaning.</p>${list('mole ____', 'anchorage ____', 'breakwater ____')}<p>a. a wall that keeps waves out</p><p>b. a place to lie at anchor</p><p>c. a stone pier</p>`,
                ),
            ]),
            page(
                'key',
                `<h2>Answer Guide</h2><p>CHAPTER I</p>${list('The pilot', 'Answers vary', 'Answers vary')}<p>CHAPTER II</p>${list('The customs officer', 'Answers vary', 'Answers vary')}`,
            ),
            page(
                'key',
                `<p>CHAPTER III</p>${list('Nobody', 'Answers vary', 'Answers vary')}<p>CHAPTER IV</p>${list('The whole town', 'Answers vary', 'Answers vary')}`,
            ),
            page(
                'credits',
                '<h2>Thank You!</h2><p>Clip art from Ink &amp; Anchor. Fonts by Quill. See our other companions at harborlight.example. Questions? Write to us.</p>',
            ),
        ],
    },
    {
        name: 'problems',
        size: letter,
        css: 'body{font:13pt Arial,sans-serif}h1{font-size:42pt}h2{font-size:20pt}.a{color:#b00;font-weight:bold}.small{font-size:9pt}',
        furniture: (n, m) =>
            `<div class="head"><span>© Meadow Math</span><span>Problem of the Day</span></div><div class="foot"><span></span><span>${n} of ${m}</span></div>`,
        pages: [
            page('cover', '<h1>Problem of the Day</h1><p>Third grade word problems</p>', { bare: true }),
            page(
                'guide',
                '<h2>About This Resource</h2><p>These word problems were written to get third graders talking about math. Project one problem each morning, or print them two to a page. Have students show their thinking with a drawing, an equation, and a sentence.</p><h2>Standards Alignment</h2><p>3.OA.A.1, 3.OA.A.3, 3.OA.D.8</p>',
            ),
            ...q.flatMap(([t, a], i) => [
                student(
                    `day ${i + 1}`,
                    `<p class="small">Day ${i + 1}</p><h2>${t}</h2><p>Draw it:</p><div style="height:60mm;border:1px solid #333"></div><p>Equation: ______________</p><p>Answer: ______________</p>`,
                ),
                page(
                    'key',
                    `<p class="small">Day ${i + 1} ANSWERS</p><h2>${t}</h2><p>Draw it:</p><div style="height:60mm;border:1px solid #333"></div><p>Equation: <span class="a">see work</span></p><p>Answer: <span class="a">${a}</span></p>`,
                ),
            ]),
        ],
    },
    {
        name: 'reader',
        size: a4,
        css: 'body{font:13pt Georgia,serif}h1{font-size:36pt}h2{font-size:20pt}',
        furniture: (n) => `<div class="foot"><span>The Mill by the Weir</span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>The Mill by the Weir</h1><p>A story in four parts with questions</p>', { bare: true }),
            page(
                'contents',
                '<h2>Contents</h2><p>Part One: The Flood .... 3</p><p>Part Two: The Stranger .... 5</p><p>Part Three: The Wheel .... 7</p><p>Model answers .... 9</p>',
            ),
            ...['The Flood', 'The Stranger', 'The Wheel'].flatMap((t, i) => [
                student(
                    `part ${i + 1}`,
                    `<h2>Part ${['One', 'Two', 'Three'][i]}: ${t}</h2><p>Nan Tolly had kept the mill since before the children were born. That night the river rose over the stepping stones, and the teacher from the village came knocking with her pupils behind her, all of them wet to the knee. “Take us in,” she said, “the school is under water.” Nan opened the door wide. There was soup for everyone and straw in the loft.</p><p>In the morning the weir had gone and with it the old wheel. They stood and looked at the place where it had been.</p>`,
                ),
                student(
                    `part ${i + 1}`,
                    `<h2>Questions</h2>${list(`Who came knocking?${lines(2)}`, `What did Nan give them?${lines(2)}`, `How did the people feel in the morning? Give reasons from the text.${lines(4)}`)}`,
                ),
            ]),
            page(
                'key',
                `<h2>Model answers</h2><h3>Part One</h3>${list('The teacher and her pupils', 'Soup and straw to sleep on', 'Sad, because the wheel had gone')}<h3>Part Two</h3>${list('A stranger', 'Bread', 'Curious')}`,
            ),
        ],
    },
    {
        name: 'phonics',
        size: letter,
        css: 'body{font:18pt "DejaVu Sans",sans-serif}h1{font-size:60pt}h2{font-size:34pt}.t{font-size:50pt;color:#bbb;letter-spacing:8mm}',
        pages: [
            page('cover', '<h1>Letter Fun</h1><p>Aa to Dd</p>'),
            ...['A', 'B', 'C', 'D'].map((l) =>
                student(
                    `letter ${l}`,
                    `<h2>Letter ${l}</h2><p>Name ____________</p><p class="t">${l}${l.toLowerCase()} ${l}${l.toLowerCase()}</p><p>Trace the letters. Color the picture.</p>`,
                ),
            ),
            page(
                'terms',
                '<h2>Thanks for downloading!</h2><p>This freebie is yours to use with your own students. Please do not share the file or claim it as your own. If a teacher friend would like a copy, send them to my store.</p>',
            ),
        ],
    },
    {
        name: 'science',
        size: a4,
        css: 'body{font:11pt "DejaVu Sans",sans-serif}h1{font-size:30pt}h2{font-size:16pt}h3{font-size:12pt}table{border-collapse:collapse}td{border:1px solid #333;padding:3mm;width:40mm;height:10mm}',
        furniture: (n, m) =>
            `<div class="head"><span>Forces and Motion</span></div><div class="foot"><span>Page ${n} of ${m}</span></div>`,
        pages: [
            page('cover', '<h1>Forces and Motion</h1><p>Practical work for Year 4</p>', { bare: true }),
            page(
                'guide',
                '<h2>Overview for teachers</h2><p>Risk assessment: check that ramps are stable. Equipment for each group: ramp, toy car, ruler, three surfaces. Prior learning: pupils know that pushes and pulls change motion. Success criteria: I can measure, I can record, I can explain.</p>',
            ),
            ...['Ramps', 'Friction', 'Magnets'].flatMap((t, i) => [
                page(
                    'guide',
                    `<h2>Investigation ${i + 1}: teaching notes</h2><p>Starter (5 min): ask the class to predict. Main (30 min): groups test and record. Plenary (10 min): compare results and discuss fair testing. Common misconception: heavier cars always go further.</p>`,
                ),
                student(
                    `investigation ${i + 1}`,
                    `<h2>Investigation ${i + 1}: ${t}</h2><p>Name: ________</p><h3>What we want to find out</h3>${lines(2)}<h3>Results</h3><table><tr><td>Surface</td><td>Distance (cm)</td></tr><tr><td></td><td></td></tr><tr><td></td><td></td></tr></table><h3>Conclusion</h3><p>We found that ______________________ because ______________________.</p>`,
                ),
            ]),
            page('blank', ''),
            page(
                'credits',
                '<h2>Acknowledgements</h2><p>Diagrams by J. Ember. Photographs from the Wend Museum. Edited by the Tidepool team. Printed on recycled paper. Contact: post@tidepool.example</p>',
            ),
        ],
    },
    {
        name: 'debate',
        size: letter,
        css: 'body{font:12pt "DejaVu Serif",serif}h1{font-size:36pt}h2{font-size:22pt}',
        furniture: (n) => `<div class="foot"><span>Civics Corner</span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>Civics Corner</h1><p>Three debates for middle school</p>', { bare: true }),
            ...[
                'Should the market stay open on Sundays?',
                'Who should pay for the bridge?',
                'Is a curfew fair?',
            ].flatMap((t) => [
                student(
                    t,
                    `<h2>${t}</h2><p>Read the two views. Underline the strongest reason in each.</p><p>View one: Many families can only shop on that day, and the stall holders need the money.</p><p>View two: People need one day of rest together, and the square is the only place for it.</p>`,
                ),
                student(
                    t,
                    `<p>My position: ____________________</p><p>Reason 1: ____________________</p><p>Reason 2: ____________________</p><p>What would the other side say? ${lines(3)}</p>`,
                ),
            ]),
            page(
                'key',
                '<h2>Possible Responses</h2><p>Answers will vary. Look for a clear position, two reasons, and one counterargument.</p><p>Debate 1: families, money, rest</p><p>Debate 2: taxes, tolls</p>',
            ),
        ],
    },
    {
        name: 'quiz',
        size: letter,
        css: 'body{font:12pt Arial,sans-serif}h1{font-size:34pt}h2{font-size:16pt}',
        furniture: (n) => `<div class="head"><span>Spelling City Quizzes</span><span>p. ${n}</span></div>`,
        pages: [
            page('cover', '<h1>Spelling Quizzes</h1><p>Lists 1 to 4</p>', { bare: true }),
            ...[1, 2, 3, 4].map((n) =>
                student(
                    `list ${n}`,
                    `<h2>List ${n} Quiz</h2><p>Name ____________ Score ____ / 5</p><p>Choose the correct spelling.</p>${list('a. recieve  b. receive  c. receeve', 'a. freind  b. frend  c. friend', 'a. beleive  b. believe  c. beleeve')}`,
                ),
            ),
            page(
                'key',
                `<h2>Quiz Answers</h2><p>List 1: 1. b  2. c  3. b</p><p>List 2: 1. b  2. c  3. b</p><p>List 3: 1. b  2. c  3. b</p><p>List 4: 1. b  2. c  3. b</p>`,
            ),
            page('unknown', '<p>quay  pier  jetty  mole</p><p>buoy  wharf</p>'),
        ],
    },
    {
        name: 'maths-cards',
        size: ['11in', '8.5in'],
        css: 'body{font:16pt Arial,sans-serif}h1{font-size:48pt}h2{font-size:24pt}.g{display:grid;grid-template-columns:1fr 1fr;gap:6mm}.c{border:2px dashed #888;padding:5mm;height:70mm}',
        pages: [
            page('cover', '<h1>Place Value Challenge Cards</h1><p>For ages 8 to 10</p>'),
            page(
                'terms',
                '<p>© 2026 Lantern Learning. Purchase of this product entitles one classroom teacher to reproduce its pages for classroom use. Not for display on the internet. No part may be resold.</p>',
            ),
            ...[0, 1, 2].map((k) =>
                student(
                    `challenge ${k * 4 + 1}-${k * 4 + 4}`,
                    `<div class="g">${[1, 2, 3, 4].map((c) => `<div class="c"><h3>Challenge ${k * 4 + c}</h3><p>What is the value of the ${c} in ${c}${k}45?</p></div>`).join('')}</div>`,
                ),
            ),
            student(
                null,
                `<h2>My answers</h2><p>Name __________</p><div class="g">${[...Array(12)].map((_, i) => `<p>${i + 1} ________</p>`).join('')}</div>`,
            ),
            page(
                'key',
                `<h2>Answers</h2><div class="g">${[...Array(12)].map((_, i) => `<p>${i + 1}) ${i * 100}</p>`).join('')}</div>`,
            ),
        ],
    },
    {
        name: 'writing',
        size: a4,
        css: 'body{font:12pt Verdana,sans-serif}h1{font-size:34pt}h2{font-size:18pt}',
        furniture: (n, m) =>
            `<div class="head"><span>Persuasive Writing</span></div><div class="foot"><span>${n} | ${m}</span></div>`,
        pages: [
            page('cover', '<h1>Persuasive Writing</h1><p>A five-session unit</p>', { bare: true }),
            page(
                'contents',
                '<h2>Contents page</h2><p>Unit plan 3</p><p>Session 1: What persuades you? 5</p><p>Session 2: Openings 6</p><p>Session 3: Reasons 7</p><p>Session 4: Plan 8</p><p>Session 5: Write 9</p>',
            ),
            page(
                'guide',
                '<h2>Unit plan</h2><p>Outcome: pupils write a letter to persuade the council. Timings: five sessions of 45 minutes. Vocabulary to teach: persuade, reason, opening, council.</p><p>Session 1: hook pupils with the two adverts. Session 2: model an opening. Session 3: sort strong and weak reasons. Session 4: plan. Session 5: write and edit.</p>',
            ),
            page(
                'guide',
                '<p>Assessment: use the checklist against each letter. Support: give sentence starters. Challenge: ask for a counter-argument. Display the best letters in the hall.</p>',
            ),
            ...['What persuades you?', 'Openings', 'Reasons', 'Plan', 'Write'].map((t, i) =>
                student(
                    `session ${i + 1}`,
                    `<h2>Session ${i + 1}: ${t}</h2><p>Name: ____________</p>${i === 0 ? list(`Look at the advert. Which words persuade you?${lines(2)}`, `Who is it for?${lines(1)}`) : i === 4 ? lines(14) : list(`Write three of your own.${lines(4)}`, 'Tick the strongest.')}`,
                ),
            ),
            page('blank', '<p>This page has been left blank intentionally.</p>'),
        ],
    },
    {
        name: 'geo',
        size: letter,
        css: 'body{font:12pt "DejaVu Sans",sans-serif}h1{font-size:40pt}h2{font-size:18pt}.r{color:#c00}',
        furniture: (n) => `<div class="foot"><span>Map Skills • ${n}</span></div>`,
        pages: [
            page('cover', '<h1>Map Skills</h1><p>Practice pages &amp; assessment</p>', { bare: true }),
            ...['Using a Compass Rose', 'Map Scale', 'Latitude and Longitude'].flatMap((t) => [
                student(
                    t,
                    `<h2>${t}</h2><p>Name: ______ Date: ______</p>${list(`Which city is farthest north?`, `How far is it from the harbor to the mill? ______ km`, `Plot a point and give its position.${lines(2)}`)}`,
                ),
                page(
                    'key',
                    `<h2>${t} – Answer Key</h2><p>Name: ______ Date: ______</p>${list(`Which city is farthest north? <span class="r">Norby</span>`, `How far is it from the harbor to the mill? <span class="r">12 km</span>`, `Plot a point and give its position. <span class="r">Answers vary</span>`)}`,
                ),
            ]),
            student(
                'Assessment',
                `<h2>Map Skills Assessment</h2><p>Name: ______ Score: ___ /10</p>${list('Label the compass rose.', 'Measure the road from A to B: ____ km', 'What lies at 40° N, 3° W?')}`,
            ),
            page(
                'key',
                `<h2>Assessment Key</h2>${list('N, E, S, W clockwise from the top', '7 km', 'The lighthouse')}`,
            ),
            page(
                'credits',
                '<h2>About the Author</h2><p>Wren Halloway taught fourth grade for twelve years and now draws maps. Find more at wrenmaps.example. Fonts: Harbor Sans. Clipart: Quay Graphics.</p>',
            ),
        ],
    },
    {
        name: 'journal',
        size: letter,
        css: 'body{font:14pt Georgia,serif}h1{font-size:44pt}h2{font-size:24pt}',
        furniture: (n, m) => `<div class="foot"><span></span><span>${n} of ${m}</span></div>`,
        pages: [
            page('cover', '<h1>My Nature Journal</h1><p>This journal belongs to ________</p>', { bare: true }),
            ...Array.from({ length: 12 }, (_, i) =>
                student(
                    `week ${Math.floor(i / 3) + 1}`,
                    i % 3 === 0
                        ? `<h2>Week ${['I', 'II', 'III', 'IV'][i / 3]}</h2><p>Where did you sit? ____________</p><p>What did you hear?</p>${lines(5)}`
                        : i % 3 === 1
                          ? `<p>Draw the sky.</p><div style="border:1px solid #333;height:90mm"></div>`
                          : `<p>Three things I noticed</p>${list('____________', '____________', '____________')}`,
                ),
            ),
            page(
                'guide',
                '<h2>Notes for grown-ups</h2><p>Take learners outside once a week, in the same place, for fifteen minutes. Sit apart. Let the journal be private: mark the effort and not the spelling. On wet days, use a window.</p>',
            ),
        ],
    },
    {
        name: 'latin',
        size: a4,
        css: 'body{font:12pt Times,serif}h1{font-size:38pt}h2{font-size:20pt}',
        furniture: (n) =>
            `<div class="head"><span>Salve!</span><span>Beginners’ Latin</span></div><div class="foot"><span></span><span>${n}</span></div>`,
        pages: [
            page('cover', '<h1>Salve!</h1><p>Beginners’ Latin</p>', { bare: true }),
            ...[1, 2, 3].flatMap((n) => [
                student(
                    `capitulum ${n}`,
                    `<h2>Capitulum ${['I', 'II', 'III'][n - 1]}</h2><p>puella in insula habitat. insula est parva. nauta ad insulam navigat.</p>${list(`Translate the first sentence.${lines(1)}`, `Find a word for sailor.${lines(1)}`)}`,
                ),
                student(
                    `capitulum ${n}`,
                    `<h2>Exercises</h2><p>Fill in the endings.</p>${list('puell__ habitat', 'naut__ navigat', 'insul__ est parva')}`,
                ),
            ]),
            page(
                'key',
                `<h2>Solutions</h2><p>Capitulum I</p>${list('The girl lives on an island.', 'nauta', 'puella, nauta, insula')}<p>Capitulum II</p>${list('The girl lives on an island.', 'nauta')}<p>Capitulum III</p>${list('The girl lives on an island.', 'nauta')}`,
            ),
        ],
    },
];
