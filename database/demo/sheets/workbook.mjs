// A six-page A4 workbook: one page for each day.
import { document, gap, lines, table, tick } from './parts.mjs';

const css = 'section{height:297mm;background:#fffdf6}.day{float:right;font-size:26pt;font-weight:bold;color:#9aa;margin-top:-2mm}.task{border-top:1.4pt solid #26343b;padding-top:3mm;margin-top:6mm}';
const page = (n, title, body) => `<section><div class="day">Day ${n}</div><h1 style="font-size:18pt">${title}</h1><p><b>Name</b> ${gap(70)}</p>${body}<div class="foot"><span>Harbour log workbook · 6 Heron and 6 Curlew</span><span>${n}</span></div></section>`;
const task = (n, words, body) => `<div class="task"><p><b>${n}</b> &nbsp;${words}</p>${body}</div>`;

export const workbook = () => document('A4', 'Harbour log workbook', css, [
    page(1, 'Boats at the quay', task(1, 'Write the name of each boat you saw and what it carried.', table([['Boat', 'Cargo', 'From'], ['', '', ''], ['', '', ''], ['', '', '']], { height: 11 })) + task(2, `The biggest boat was the ${gap(46)} .`, '') + task(3, 'What did you hear? Write two or three sentences.', lines(5, 10))),
    page(2, 'High and low water', task(1, `High water today was at ${gap(30)} and low water at ${gap(30)} .`, '') + task(2, `The difference is ${gap(26)} hours and ${gap(26)} minutes.`, '') + task(3, 'Why must the ferry know the tide?', lines(4, 10)) + task(4, 'The water at the steps is', `<p>${tick('rising')}${tick('falling')}${tick('still')}</p>`)),
    page(3, 'Words of the harbour', task(1, 'Say in your own words what each one means.', ['berth', 'mooring', 'pilot', 'customs'].map((w) => `<p style="margin-top:4mm"><b>${w}</b></p>${lines(2, 9)}`).join(''))),
    page(4, 'A letter to the harbour master', task(1, 'Ask for leave to visit the lighthouse. Say who, when and why.', `<p>Dear ${gap(60)} ,</p>${lines(10, 10)}<p style="margin-top:5mm">Yours sincerely, ${gap(60)}</p>`)),
    page(5, 'Counting crates', task(1, 'Fill in the missing numbers.', table([['Hold', 'Crates', 'Half', 'Quarter'], ['A', '48', '', ''], ['B', '', '18', ''], ['C', '', '', '6'], ['D', '100', '', '']], { height: 11 })) + task(2, `Altogether there are ${gap(30)} crates.`, '') + task(3, 'Show how you worked out hold C.', lines(4, 10))),
    page(6, 'What I know now', task(1, 'Three things I have learned about the working harbour.', lines(6, 10)) + task(2, 'One thing I still want to find out.', lines(2, 10)) + task(3, 'My best page was day', `<p>${[1, 2, 3, 4, 5].map((d) => tick(d)).join('')}</p>`)),
]);
