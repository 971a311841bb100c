export * from './ice-kit.js';
