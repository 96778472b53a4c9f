// Files that are made to leave: each row is drawn anew until its file is there.
import { follow } from './lib/follow';
import { pickByChoosing } from './lib/picks';

for (const row of document.querySelectorAll('[data-made-at]')) follow(row);

pickByChoosing();
