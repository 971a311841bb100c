export { pieceG, iceOf, iceKit } from './ice-kit.js';
