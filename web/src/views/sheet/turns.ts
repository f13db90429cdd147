import { Turns } from '../../api/submission.svelte';

/** All that is said on a sheet; what is said next goes by the version the last answer brought. */
export const onSheet = new Turns();
