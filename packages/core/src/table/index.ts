export { readCsv, writeCsv } from './csv.js';
