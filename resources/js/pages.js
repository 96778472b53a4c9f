import { PagesStation } from './pages/pages-station';

new PagesStation(document.querySelector('[data-arranging]'), document.querySelector('.ledger'));
