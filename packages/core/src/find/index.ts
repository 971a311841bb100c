export { DrinkSearch, FOUND_BY, type Found } from './drink-search.js';
