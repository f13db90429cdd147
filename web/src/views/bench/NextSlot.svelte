<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { keep, kept } from '../../api/drafts';
  import Field from '../../shell/Field.svelte';
  import type { BenchRun } from '../../run/run.svelte';
  import type { Schemas } from '../../api/client';

  interface Props {
    run: BenchRun;
    step: Schemas['RunStep'];
    stopped: boolean;
  }
  let { run, step, stopped }: Props = $props();
  // svelte-ignore state_referenced_locally
  const draft = `slot.${run.page.jobId}.${step.id}`;
  let turnDeg = $state(kept(`${draft}.deg`));
  let nmPerDegree = $state(kept(`${draft}.rise`));
  $effect(() => keep(`${draft}.deg`, turnDeg));
  $effect(() => keep(`${draft}.rise`, nmPerDegree));
  /** Whether the curve of its pull tells how fast it rises. */
  const told = $derived(run.page.state.shown?.dueSlot?.nmPerDegree !== undefined);
  const message = (field: string) => run.trouble?.errors.find((e) => e.field === field)?.message;

  async function say(deg: string) {
    const rise = told ? '' : nmPerDegree.trim();
    keep(`${draft}.deg`, '');
    const taken = await run.say({
      kind: 'SLOT_AHEAD',
      turnDeg: deg,
      ...(rise ? { nmPerDegree: rise } : {}),
    });
    if (!taken) keep(`${draft}.deg`, turnDeg);
  }
</script>

<form
  onsubmit={(e) => {
    e.preventDefault();
    if (!stopped && turnDeg.trim()) void say(turnDeg.trim());
  }}
>
  <div class="deg">
    <Field
      label="Next slot, degrees further"
      bind:value={turnDeg}
      inputmode="decimal"
      large
      message={message('turnDeg')}
    />
  </div>
  {#if !told}
    <div class="deg">
      <Field
        label="N·m per degree, if known"
        bind:value={nmPerDegree}
        inputmode="decimal"
        large
        message={message('nmPerDegree')}
      />
    </div>
  {/if}
  <Button
    type="submit"
    class="large"
    kind={run.page.state.pending ? 'tertiary' : 'primary'}
    disabled={stopped || !turnDeg.trim()}>What it comes to there</Button
  >
  <Button class="large" kind="tertiary" disabled={stopped} on:click={() => void say('0')}
    >In line already</Button
  >
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  .deg {
    flex: 1 1 10rem;
    max-width: 14rem;
  }
  .deg :global(input.large) {
    min-height: 4rem;
    font-size: 1.75rem;
  }
</style>
