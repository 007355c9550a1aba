/** What opens over the page stands in its main part, so that a reader of landmarks finds it; in the body before there is one. */
export const pagePortal = () => document.getElementById('page');
