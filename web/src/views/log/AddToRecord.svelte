<script lang="ts">
  import { Button, TextArea } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    jobId: string;
    again: (paper: Schemas['RecordPaper']) => void;
  }
  let { jobId, again }: Props = $props();
  // svelte-ignore state_referenced_locally
  const draft = `addendum.${jobId}`;
  let words = $state(kept(draft));
  $effect(() => keep(draft, words));
  const sending = new Submission();
  const add = () =>
    sending.send(
      [jobId, words],
      (id) =>
        ask(
          api.POST('/api/log/{jobId}/addenda', {
            params: { path: { jobId } },
            body: { id, words },
          }),
        ),
      (fresh) => {
        words = '';
        again(fresh);
      },
    );
</script>

<h2 class="no-print">Add to the record</h2>
<form
  class="no-print"
  onsubmit={(e) => {
    e.preventDefault();
    void add();
  }}
>
  <p class="soft">
    What was signed stays as it is; this stands beside it, with your name and the time.
  </p>
  <TextArea labelText="To add to the record" bind:value={words} rows={2} maxlength={2000} />
  <Button type="submit" kind="tertiary" size="field" disabled={!words.trim()}>Add</Button>
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
</form>

<style>
  form {
    display: grid;
    gap: 0.5rem;
    justify-items: start;
    max-width: 40rem;
  }
  form :global(.bx--form-item) {
    width: 100%;
  }
</style>
