// Sheets of paper that come back: sent file by file, and read on the server while one looks on.
import { follow } from './lib/follow';
import { MOST_OF_A_FILE } from './lib/limits';
import { pickByChoosing } from './lib/picks';
import { megabytes, upload } from './lib/upload';

const input = document.querySelector('[data-papers]');
const list = document.querySelector('[data-files]');

function rowOf(file) {
    const row = document.createElement('li');
    row.className = 'leaving__row';
    const name = Object.assign(document.createElement('b'), { textContent: file.name, dir: 'auto' });
    const words = document.createElement('span');
    words.setAttribute('role', 'status');
    row.append(name, ' ', words);
    list.append(row);
    return (said, isBad = false) => {
        words.textContent = said;
        words.classList.toggle('field__error', isBad);
    };
}

async function send(files) {
    input.disabled = true;
    const rows = files.map((file) => [file, rowOf(file)]);
    let lost = 0;
    for (const [file, say] of rows) {
        try {
            // Their progress is told in steps: a reader of the screen need not hear of each.
            await upload(file, input.dataset.papers, MOST_OF_A_FILE, {}, (percent, { loaded, total }) =>
                say(loaded < total ? `${percent} % of ${megabytes(total)}` : 'has come'),
            );
            say('has come');
        } catch (problem) {
            lost++;
            say(problem.message, true);
        }
    }
    input.disabled = false;
    input.value = '';
    // What was lost is read first.
    if (lost === 0) window.location.reload();
    else if (lost < files.length) list.after(goOn('Go on with the others'));
}

const goOn = (words) =>
    Object.assign(document.createElement('a'), {
        className: 'btn btn-plain',
        href: window.location.href,
        textContent: words,
    });

input.addEventListener('change', () => input.files.length > 0 && send([...input.files]));

// When the last of them is read, its sheets are there to be looked at. Who ticks others meanwhile is not disturbed.
const rows = [...document.querySelectorAll('[data-made-at]')];
let under = rows.length;
function isRead() {
    under--;
    if (under > 0) return;
    if (document.querySelector('.papers')) list.after(goOn('Show what has been read since'));
    else window.location.reload();
}
for (const row of rows) follow(row, isRead);

pickByChoosing();
