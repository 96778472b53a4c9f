import Alpine from '@alpinejs/csp';
import { bringIn, preparing, startBlank } from './shelf';
import { contactSheet } from './pages/contact-sheet';
import { cutForm, cutMany } from './pages/cutting';
import { handOut } from './hand-out';
import { findOnShelf, renameInPlace, unitsOfShelf } from './shelf-list';
import { forgetKept, mayLeave } from './copy/kept';
import { here, NOBODY, signOutBy, watchWhoIsHere } from './lib/who';

Alpine.data('bringIn', bringIn);
Alpine.data('preparing', preparing);
Alpine.data('startBlank', startBlank);
Alpine.data('contactSheet', contactSheet);
Alpine.data('cutForm', cutForm);
Alpine.data('cutMany', cutMany);
Alpine.data('handOut', handOut);
Alpine.start();

if (here) watchWhoIsHere();
// Pages kept for working without a connection are not for the next person.
if (here === NOBODY) forgetKept();
document.querySelectorAll('[data-find]').forEach(findOnShelf);
document.querySelectorAll('#worksheets').forEach(unitsOfShelf);
document.querySelectorAll('[data-rename]').forEach(renameInPlace);
document.querySelectorAll('form[data-leave]').forEach((form) => signOutBy(form, () => mayLeave(here), forgetKept));
