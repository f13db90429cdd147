<script lang="ts">
  import { api, ask } from '../../api/client';
  import OpensJob from '../../shell/OpensJob.svelte';

  interface Props {
    /** The signed job whose part comes off again. */
    jobId: string;
    words: string;
    /** What it is the way back of, for who cannot see where it stands. */
    label: string;
  }
  let { jobId, words, label }: Props = $props();
  const open = (id: string) =>
    ask(api.POST('/api/jobs/{id}/back', { params: { path: { id: jobId } }, body: { id } })).then(
      () => id,
    );
</script>

<OpensJob of={jobId} {words} {label} {open} />
