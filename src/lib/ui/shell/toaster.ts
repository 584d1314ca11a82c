// By itself, so that the page's first bytes need not hold it: only the messages, not what shows them, are wanted at once.
export { Toaster } from 'svelte-sonner';
