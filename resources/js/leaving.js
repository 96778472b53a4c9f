// Files that are made to leave: each row is drawn anew until its file is there.
import { follow } from './lib/follow';

for (const row of document.querySelectorAll('[data-made-at]')) follow(row);

// Who chooses a name means the copy of that student.
for (const names of document.querySelectorAll('[data-picks]')) {
    names.addEventListener('change', () => (document.querySelector(names.dataset.picks).checked = true));
}
