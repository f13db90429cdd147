<script lang="ts">
  import { Misuse } from 'carbon-icons-svelte';
  import { TextInput } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { moment } from '../../joint/figures';
  import Photograph from '../../shell/Photograph.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  interface Props {
    run: BenchRun;
    step: Schemas['RunStep'];
    /** Whether it stands below a drawing, in one low row. */
    low?: boolean;
  }
  let { run, step, low = false }: Props = $props();
  const taken = $derived(run.photographs);
  const was = $derived(
    taken.all.filter((p) => run.page.asItWas[step.id]?.includes(p.stepId) === true),
  );
  const own = $derived(taken.all.filter((p) => p.stepId === step.id));
  const refused = $derived(taken.all.filter((p) => p.refused !== undefined));
  const words = (p: (typeof own)[number]) =>
    [p.words, p.waits ? 'waits on this device' : `${moment(p.takenAt)}, ${p.by}`]
      .filter(Boolean)
      .join('. ');
</script>

<section aria-label="Photographs of this step" class:low>
  {#if was.length}
    <div class="group">
      <h3>As it was</h3>
      <div class="pictures">
        {#each was as p (p.id)}<Photograph picture={p} words={words(p)} whole />{/each}
      </div>
    </div>
  {/if}
  {#if own.length}
    <div class="group">
      <h3>{was.length ? 'Now' : 'Photographs'}</h3>
      <div class="pictures">
        {#each own as p (p.id)}<Photograph picture={p} words={words(p)} whole />{/each}
      </div>
    </div>
  {/if}
  {#if own.length && !low && here.mayWork}
    <details class="fold">
      <summary>Say what the next one shows</summary>
      <TextInput
        labelText="What it shows, where the step does not say it"
        bind:value={taken.words}
        maxlength={300}
        size="xl"
      />
    </details>
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
  section {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1.5rem;
    align-items: end;
    --picture: min(14rem, 26vh);
  }
  .low {
    --picture: min(6rem, 12vh);
  }
  .group {
    min-width: 0;
    max-width: 100%;
  }
  h3 {
    font-size: 0.875rem;
    font-weight: 400;
    color: var(--ink-soft);
  }
  .pictures {
    display: flex;
    gap: 0.75rem;
    overflow-x: auto;
  }
  details {
    flex: 1 1 12rem;
    max-width: 28rem;
  }
  .trouble {
    display: flex;
    flex: 1 1 100%;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
    padding: 0.375rem 0.75rem;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
  }
</style>
