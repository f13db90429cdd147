<script lang="ts">
  import { onMount } from 'svelte';
  import type { Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import Field from '../../shell/Field.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  interface Props {
    run: BenchRun;
    step: Schemas['RunStep'];
    /** What the wrench in hand read of it. */
    pulled: { deg: string; curve: string | undefined } | undefined;
  }
  let { run, step, pulled }: Props = $props();
  // svelte-ignore state_referenced_locally
  const draft = `moved.${run.page.jobId}.${step.id}`;
  let angleDeg = $state(kept(`${draft}.deg`));
  let gripMm = $state(kept(`${draft}.mm`));
  $effect(() => {
    if (pulled) angleDeg = pulled.deg;
  });
  $effect(() => keep(`${draft}.deg`, angleDeg));
  $effect(() => keep(`${draft}.mm`, gripMm));
  let heading = $state<HTMLElement>();
  onMount(() => {
    heading?.focus({ preventScroll: true });
    heading?.scrollIntoView({ block: 'nearest' });
  });
  const fastener = $derived(run.page.state.nextFastener);
  const message = (field: string) => run.trouble?.errors.find((e) => e.field === field)?.message;

  async function say(cause: Schemas['MovedCauseChoice']['code']) {
    const taken = await run.say({
      kind: 'MOVED',
      ...(pulled?.curve === undefined ? {} : { curve: pulled.curve }),
      cause,
      ...(angleDeg.trim() ? { angleDeg: angleDeg.trim() } : {}),
      ...(gripMm.trim() ? { gripMm: gripMm.trim() } : {}),
    });
    if (taken) angleDeg = '';
  }
</script>

<div class="moved" role="group" aria-label="How it moved">
  <h2 class="title" tabindex="-1" bind:this={heading}>
    {step.title}{step.order.length > 1 ? `, ${fastener ?? ''}` : ''}: it moved
  </h2>
  <div class="far">
    <Field
      label="How far, degrees"
      bind:value={angleDeg}
      inputmode="decimal"
      large
      message={message('angleDeg')}
    />
    <Field
      label="Thickness clamped, mm"
      bind:value={gripMm}
      inputmode="decimal"
      large
      message={message('gripMm')}
    />
  </div>
  <p id="why-it-moved">Why, as far as it is known:</p>
  <div class="why" role="group" aria-labelledby="why-it-moved">
    {#each run.page.movedCauses as cause (cause.code)}
      <button
        class="cause"
        type="button"
        disabled={run.settling}
        onclick={() => void say(cause.code)}>{cause.words}</button
      >
    {/each}
  </div>
</div>

<style>
  .title {
    font-size: 1.625rem;
    border: 0;
    color: var(--ink);
  }
  .title:focus {
    outline: none;
  }
  .far {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.75rem;
    align-items: start;
  }
  .why {
    display: grid;
    gap: 0.375rem;
  }
  .cause {
    min-height: 3.5rem;
    padding: 0.25rem 1rem;
    border: 1px solid var(--copper);
    background: transparent;
    color: var(--copper);
    font: inherit;
    font-size: 1.125rem;
    text-align: left;
    cursor: pointer;
  }
  p {
    margin: 0.5rem 0 0.25rem;
  }
  @media (max-width: 640px) {
    /* The main actions stay under the thumb, over what lies below. */
    .title {
      scroll-margin-bottom: 75vh;
    }
  }
</style>
