import { request } from './lib/request';

// Students are put into teams: dragged there, or by the menu of each.
let dragged = null;
const said = document.querySelector('[data-teams-said]');
const teamAt = (event) => event.target.closest?.('[data-team]');

function sort(list) {
    const names = (one) => one.querySelector('span').textContent;
    list.append(...[...list.children].sort((one, other) => names(one).localeCompare(names(other))));
}

function count(set) {
    set.querySelectorAll('[data-team]').forEach((team) => {
        team.querySelector('[data-team-count]').textContent = team.querySelectorAll('li').length;
    });
}

async function move(one, team) {
    const set = one.closest('[data-team-set]');
    const from = one.closest('[data-team]');
    const select = one.querySelector('[data-team-of]');
    if (team === from || team?.closest('[data-team-set]') !== set) return;
    select.setCustomValidity('');
    try {
        await request('PUT', set.dataset.teamSet, {
            student: Number(one.dataset.student),
            team: team.dataset.team === '' ? null : Number(team.dataset.team),
        });
    } catch (problem) {
        select.value = from.dataset.team;
        select.setCustomValidity(problem.message);
        select.reportValidity();
        return;
    }
    const hadFocus = document.activeElement === select;
    select.value = team.dataset.team;
    team.querySelector('ul').append(one);
    sort(team.querySelector('ul'));
    if (hadFocus) select.focus();
    count(set);
    const { textContent: name } = one.querySelector('span');
    said.textContent = `${name} is in ${team.querySelector('[data-team-name]').textContent} now.`;
}

const over = (team) =>
    document.querySelectorAll('[data-team]').forEach((one) => one.classList.toggle('is-over', one === team));

document.addEventListener('change', ({ target }) => {
    if (!target.matches('[data-team-of]')) return;
    const one = target.closest('[data-student]');
    move(one, one.closest('[data-team-set]').querySelector(`[data-team="${target.value}"]`));
});
document.addEventListener('dragstart', (event) => {
    dragged = event.target.closest?.('[data-student]');
    if (dragged) event.dataTransfer.effectAllowed = 'move';
});
document.addEventListener('dragend', () => {
    over(null);
    dragged = null;
});
document.addEventListener('dragover', (event) => {
    const team = teamAt(event);
    if (!dragged || team?.closest('[data-team-set]') !== dragged.closest('[data-team-set]')) return over(null);
    event.preventDefault();
    over(team);
});
document.addEventListener('drop', (event) => {
    const team = teamAt(event);
    if (!dragged || !team) return;
    event.preventDefault();
    move(dragged, team);
});
