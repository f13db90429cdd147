<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  let digits = $state('');
  let found = $state.raw<Schemas['Fingerprinted'][] | null>(null);
  const asking = new Submission();
  const look = () =>
    asking.send(
      digits,
      () => ask(api.GET('/api/log/fingerprints', { params: { query: { digits } } })),
      (records) => (found = records),
    );
</script>

<h2>Check a paper</h2>
<form
  onsubmit={(e) => {
    e.preventDefault();
    void look();
  }}
>
  <TextInput
    labelText="First 8 or more digits of the fingerprint at the foot of the page"
    bind:value={digits}
    maxlength={80}
    autocomplete="off"
  />
  <Button type="submit" kind="tertiary" size="field" disabled={!digits.trim()}>Look</Button>
</form>
{#if asking.trouble}<TroubleNote trouble={asking.trouble} />{/if}
{#if found}
  <div role="status">
    {#each found as record (record.jobId)}
      <p>
        That is <a href="/log/{record.jobId}">{record.title}</a>, job {record.number}, on {record.machineName}.
      </p>
    {:else}
      <p class="bad">
        No record here has this fingerprint. The paper is not of this workshop, or it was altered.
      </p>
    {/each}
  </div>
{/if}

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
    max-width: 40rem;
  }
  .bad {
    color: var(--bad);
  }
</style>
