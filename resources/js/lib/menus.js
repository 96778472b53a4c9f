/** Menus that fold out: one at a time; Escape, and a press elsewhere, shut them. */
export function watchMenus(root) {
    const open = () => root.querySelectorAll('.menu[open]');
    root.addEventListener(
        'toggle',
        (event) => {
            if (!event.target.matches('.menu[open]')) return;
            open().forEach((menu) => {
                if (menu !== event.target) menu.open = false;
            });
        },
        true,
    );
    root.addEventListener('pointerdown', (event) =>
        open().forEach((menu) => {
            if (!menu.contains(event.target)) menu.open = false;
        }),
    );
    root.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape') return;
        open().forEach((menu) => {
            menu.open = false;
            menu.querySelector('summary').focus();
        });
    });
}
