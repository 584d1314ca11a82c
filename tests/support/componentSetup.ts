import { configure } from '@testing-library/svelte';

// Whether something can be seen is asked of the real browser; here it would cost most of the time.
configure({ defaultHidden: true });
