export { iceLeft } from './ice-left.js';
export { pieceG, iceOf, iceKit } from './ice-kit.js';
