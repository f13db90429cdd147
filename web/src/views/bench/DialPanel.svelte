<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import Choice from './Choice.svelte';
  import TurnDrawing from '../../joint/TurnDrawing.svelte';
  import type { Dial } from '../../run/dial.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  let { run, dial, step }: { run: BenchRun; dial: Dial; step: Schemas['RunStep'] } = $props();
  const now = $derived(dial.places.at(-1));
  // What was read of one step is not another's.
  $effect(() => {
    void step.id;
    return () => dial.forget();
  });
</script>

<section aria-label="Simulated dial gauge">
  <div class="turn"><TurnDrawing places={dial.places} limitMm={step.measure?.max} /></div>
  <p class="now">
    <span class="figure">{now ? now.readingMm.toFixed(2) : '–'}</span><span class="soft">mm</span>
    <span class="figure">{now ? Math.round(now.angleDeg) : '–'}</span><span class="soft">°</span>
  </p>
  {#if dial.words}
    <p class="words" class:none={!dial.reading} role={dial.reading ? 'status' : 'alert'}>
      {dial.words}
    </p>
  {/if}
  <div class="how">
    <Button
      kind="tertiary"
      disabled={dial.turning || run.away || run.settling}
      on:click={() => dial.turn()}
    >
      {dial.turning ? 'Turning …' : 'Turn it once round'}
    </Button>
    <Choice
      label="To practise"
      bind:value={dial.fault}
      disabled={dial.turning}
      options={[
        ['NONE', 'nothing wrong'],
        ['LEANS', 'dirt on the seat'],
        ['DENTED', 'a dent'],
        ['FOOT_MOVED', 'foot that moves'],
        ['NOT_HEARD', 'gauge not heard'],
      ]}
    />
  </div>
</section>

<style>
  .turn {
    height: min(9rem, 19vh);
  }
  .now {
    display: flex;
    gap: 0.375rem;
    align-items: baseline;
  }
  .now .figure {
    font-size: 1.75rem;
  }
  .now .figure:nth-of-type(3) {
    margin-left: 1.5rem;
  }
  .words {
    padding: 0.375rem 0.75rem;
    border-left: 3px solid var(--copper);
  }
  .words.none {
    border-left-color: var(--bad);
    background: var(--bad-wash);
  }
  .how {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.75rem;
    align-items: end;
    max-width: 26rem;
    margin: 0.5rem 0;
  }
  .how :global(.bx--btn) {
    max-width: none;
    width: 100%;
    min-height: 3.5rem;
    align-items: center;
    padding-right: 1rem;
  }
</style>
