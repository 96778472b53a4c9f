// A one-page sheet, and a paper handout as a phone sees it.
import { document, gap, lines, table, tasks } from './parts.mjs';

export const tideSheet = () => document('A4', 'Tide times', 'section{height:297mm}h1{border-bottom:2pt solid #26343b;padding-bottom:2mm}', [
    `<section><h1>Tide times at Saltmarsh Quay</h1><p><b>Name</b> ${gap(80)}</p>${table([['', 'Morning high', 'Afternoon low', 'Evening high'], ['Saturday', '06:40', '12:55', '19:04'], ['Sunday', '07:22', '13:37', '19:46']])}
${tasks(`When is the evening high water on Sunday? ${gap(40)}`, `Which day has the earlier low water? ${gap(40)}`, `How long is it from Saturday’s morning high to its evening high? ${gap(34)}`, `The mud flats can be crossed for two hours each side of low water. Between which times can you cross on Saturday? ${gap(30)} and ${gap(30)}`, `Write a warning sign for the mud flats in two sentences.${lines(4, 10)}`)}</section>`,
]);

export const knotsSheet = () => `<!doctype html><meta charset="utf-8"><style>body{margin:0;height:1654px;background:radial-gradient(circle at 30% 20%,#8d7357,#4e3d2c);overflow:hidden;perspective:2600px}
.sheet{position:absolute;left:150px;top:110px;width:930px;height:1340px;background:linear-gradient(115deg,#fbf9f1 40%,#d9d4c6);box-shadow:0 12px 40px #0008;transform:rotateX(7deg) rotateY(-5deg) rotateZ(-1.6deg);padding:80px;box-sizing:border-box;font:25px/1.5 "DejaVu Serif",serif;color:#222}
h1{font-size:46px;margin:0 0 20px}.lines i{display:block;height:58px!important;border-bottom:2px solid #555}li{margin-bottom:26px}.gap{display:inline-block;border-bottom:2px solid #333}</style>
<div class="sheet"><h1>Three useful knots</h1><p>Name <span class="gap" style="width:420px"></span></p><ol><li>A <b>bowline</b> makes a loop that does not slip. Where would you use one?${lines(2)}</li><li>A <b>reef knot</b> joins two ropes of the same <span class="gap" style="width:220px"></span>.</li><li>A <b>clove hitch</b> ties a rope to a <span class="gap" style="width:220px"></span>.</li><li>Which knot was hardest to tie? Say why.${lines(4)}</li></ol></div>`;
