import { loadShipped } from '@uisce/catalogue';
import { readFile, type FileRead, type FileTask } from './read-file.js';

const shipped = loadShipped();

/** In a thread of its own: reads a household's file, however large and however wrong it is. */
export default (task: FileTask): FileRead => readFile(task, shipped);
