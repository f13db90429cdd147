<script lang="ts">
  import { Camera, Misuse } from 'carbon-icons-svelte';
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { moment } from '../../joint/figures';
  import Photograph from '../../shell/Photograph.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  let { run, step }: { run: BenchRun; step: Schemas['RunStep'] } = $props();
  const taken = $derived(run.photographs);
  const was = $derived(
    taken.all.filter((p) => run.page.asItWas[step.id]?.includes(p.stepId) === true),
  );
  const own = $derived(taken.all.filter((p) => p.stepId === step.id));
  const refused = $derived(taken.all.filter((p) => p.refused !== undefined));
  let chooser = $state<HTMLInputElement>();
  let words = $state('');

  async function take() {
    const file = chooser?.files?.[0];
    if (!file || !chooser) return;
    if (await taken.take(file, step.id, words.trim())) words = '';
    chooser.value = '';
  }
</script>

<section aria-label="Photographs of this step">
  {#if was.length}
    <h3>As it was</h3>
    <div class="pictures was">
      {#each was as p (p.id)}
        <Photograph picture={p} words="{p.words} {moment(p.takenAt)}, {p.by}" />
      {/each}
    </div>
  {/if}
  {#if own.length}
    <div class="pictures">
      {#each own as p (p.id)}
        <Photograph
          picture={p}
          words="{p.words} {p.waits ? 'waits on this device' : `${moment(p.takenAt)}, ${p.by}`}"
        />
      {/each}
    </div>
  {/if}
  {#if here.mayWork}
    <div class="take">
      <input
        type="file"
        accept="image/*"
        capture="environment"
        aria-label="A photograph of this step"
        tabindex="-1"
        bind:this={chooser}
        onchange={() => void take()}
      />
      <Button kind="tertiary" disabled={taken.taking} on:click={() => chooser?.click()}>
        <Camera size={24} />
        {taken.taking ? 'One moment …' : was.length ? 'Photograph it now' : 'Photograph'}
      </Button>
      <TextInput labelText="What it shows, if it needs words" bind:value={words} maxlength={300} />
    </div>
  {/if}
  {#if taken.trouble}<p class="trouble" role="alert"><Misuse size={20} /> {taken.trouble}</p>{/if}
  {#each refused as p (p.id)}
    <p class="trouble" role="alert">
      <Misuse size={20} />
      A photograph was not taken into the log: {p.refused}
      <button class="quiet" type="button" onclick={() => void taken.giveUp(p.id)}>Give it up</button
      >
    </p>
  {/each}
</section>

<style>
  h3 {
    font-size: 0.875rem;
    font-weight: 400;
    color: var(--ink-soft);
  }
  .pictures {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(7rem, 1fr));
    gap: 0.5rem;
    margin-bottom: 0.5rem;
    max-height: 12rem;
    overflow-y: auto;
  }
  .was {
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    max-height: 18rem;
  }
  .take {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.75rem;
    align-items: end;
    max-width: 32rem;
  }
  .take :global(.bx--btn) {
    min-height: 3.5rem;
    gap: 0.75rem;
    align-items: center;
    padding-right: 1rem;
  }
  .take :global(.bx--text-input) {
    height: 3.5rem;
  }
  input[type='file'] {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
    pointer-events: none;
  }
  .trouble {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
    padding: 0.375rem 0.75rem;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
  }
</style>
