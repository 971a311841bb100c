export * from './drink-search.js';
