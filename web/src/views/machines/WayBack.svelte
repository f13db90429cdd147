<script lang="ts">
  import { api, ask } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { navigate } from '../../router';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    /** The signed job whose part comes off again. */
    jobId: string;
    words: string;
    /** What it is the way back of, for who cannot see where it stands. */
    label: string;
  }
  let { jobId, words, label }: Props = $props();
  const sending = new Submission();
  const prepare = () =>
    sending.send(
      [jobId],
      (id) =>
        ask(
          api.POST('/api/jobs/{id}/back', { params: { path: { id: jobId } }, body: { id } }),
        ).then(() => id),
      (id) => navigate('/jobs/:id/sheet', { params: { id } }),
    );
</script>

<button
  class="quiet"
  type="button"
  aria-label={label}
  disabled={sending.busy}
  onclick={() => void prepare()}>{words}</button
>
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
