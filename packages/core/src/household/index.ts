export * from './settings.js';
export * from './person.js';
