<script lang="ts">
  import { Submission } from '../api/submission.svelte';
  import { navigate } from '../router';
  import TroubleNote from './TroubleNote.svelte';

  interface Props {
    /** What it opens a job for. */
    of: string;
    words: string;
    /** What it is about, for who cannot see where it stands. */
    label: string;
    /** Opens it under an id; says which job it is. */
    open: (id: string) => Promise<string>;
  }
  let { of, words, label, open }: Props = $props();
  const sending = new Submission();
  const prepare = () =>
    sending.send([of], open, (id) => navigate('/jobs/:id/sheet', { params: { id } }));
</script>

<button
  class="quiet"
  type="button"
  aria-label={label}
  disabled={sending.busy}
  onclick={() => void prepare()}>{words}</button
>
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
