import './lib/player';
