import { Bench } from './bench/bench';

new Bench(document.querySelector('[data-bench]'), document.querySelector('.ledger'));
