<script lang="ts">
  import { api, ask } from '../../api/client';
  import OpensJob from '../../shell/OpensJob.svelte';

  interface Props {
    recheckId: string;
    /** The joints it looks at. */
    about: string;
  }
  let { recheckId, about }: Props = $props();
  const open = (id: string) =>
    ask(
      api.POST('/api/rechecks/{id}/look', { params: { path: { id: recheckId } }, body: { id } }),
    ).then((look) => look.jobId);
</script>

<OpensJob
  of={recheckId}
  words="Look again at the bench"
  label="Look again at the bench: {about}"
  {open}
/>
