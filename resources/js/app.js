import Alpine from '@alpinejs/csp';
import { bringIn, preparing } from './shelf/arriving';
import { choosesOnShelf } from './shelf/choosing';
import { setsFold } from './shelf/drawn';
import { findOnShelf } from './shelf/finding';
import { renamesInPlace } from './shelf/renaming';
import { startBlank } from './shelf/start-blank';
import { unitsOfShelf } from './shelf/units';
import { contactSheet } from './pages/contact-sheet';
import { cutForm, cutMany } from './pages/cutting';
import { forgetKept, mayLeave } from './copy/kept';
import { keepsView } from './lib/kept-view';
import { watchMenus } from './lib/menus';
import { sheetsSlideUp } from './lib/sheet-up';
import { smallPages } from './lib/small-pages';
import { here, NOBODY, signOutBy, watchWhoIsHere } from './lib/who';

Alpine.data('bringIn', bringIn);
Alpine.data('preparing', preparing);
Alpine.data('startBlank', startBlank);
Alpine.data('contactSheet', contactSheet);
Alpine.data('cutForm', cutForm);
Alpine.data('cutMany', cutMany);
Alpine.start();

if (here) watchWhoIsHere();
// Pages kept for working without a connection are not for the next person.
if (here === NOBODY) forgetKept();
smallPages.watch(document);
document.querySelectorAll('[data-find]').forEach(findOnShelf);
document.querySelectorAll('#worksheets').forEach((shelf) => {
    unitsOfShelf(shelf);
    setsFold(shelf);
});
document.querySelectorAll('[data-chosen]').forEach(choosesOnShelf);
renamesInPlace(document);
watchMenus(document);
document.querySelectorAll('[data-footbar]').forEach(sheetsSlideUp);
if (document.body.classList.contains('teacher')) keepsView();
document.querySelectorAll('form[data-leave]').forEach((form) => signOutBy(form, () => mayLeave(here), forgetKept));
