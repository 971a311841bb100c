export * from './settings.js';
export * from './person.js';
export * from './sunset.js';
export * from './backup.js';
export * from './access.js';
export * from './library.js';
export * from './at-home.js';
