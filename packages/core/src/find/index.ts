export { DrinkSearch } from './drink-search.js';
