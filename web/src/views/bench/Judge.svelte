<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import LimitOnPart from './LimitOnPart.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  interface Props {
    run: BenchRun;
    step: Schemas['RunStep'];
    stopped: boolean;
    /** What a gauge read, mm; empty where none did. */
    read: string;
  }
  let { run, step, stopped, read }: Props = $props();
  type Finding = Schemas['SaidFound']['finding'];
  const unit = $derived(step.measure?.unit);
  const open = $derived(run.page.state.answers.some((a) => a.kind === 'LEFT'));
  // svelte-ignore state_referenced_locally
  const draft = `found.${run.page.jobId}.${step.id}`;
  // svelte-ignore state_referenced_locally
  const limitDraft = `limit.${run.page.jobId}.${step.id}`;
  let seen = $state(kept(draft));
  let limit = $state(kept(limitDraft));
  $effect(() => keep(draft, seen));
  $effect(() => {
    if (read) seen = unit ? read : `${read} mm over one turn`;
  });
  $effect(() => keep(limitDraft, limit));
  const asksLimit = $derived(step.measure?.onPart !== undefined);
  const figureMissing = $derived(
    (unit !== undefined && !seen.trim()) || (asksLimit && !limit.trim()),
  );

  async function say(kind: 'FOUND' | 'REPLACED', finding?: Finding) {
    if (stopped) return;
    const reason = seen.trim();
    // The field is made anew by the answer, so what was sent must be gone before.
    keep(draft, '');
    const words = reason ? { reason } : {};
    const taken = await run.say(
      kind === 'FOUND' && finding
        ? {
            kind,
            finding,
            ...words,
            ...(asksLimit && limit.trim() ? { limit: limit.trim() } : {}),
          }
        : { kind: 'REPLACED', ...words },
    );
    if (!taken) keep(draft, seen);
  }
</script>

<div class="judge">
  {#if step.measure && asksLimit}<LimitOnPart measure={step.measure} bind:limit />{/if}
  <div class="seen">
    <TextInput
      labelText={unit
        ? `What you found, ${unit}`
        : 'What you saw or felt; needed where it is not right'}
      bind:value={seen}
      maxlength={1000}
      size="xl"
      autocomplete="off"
      inputmode={unit ? 'decimal' : 'text'}
    />
  </div>
  {#if open}
    <Button
      class="large"
      disabled={stopped || figureMissing}
      on:click={() => void say('FOUND', 'PUT_RIGHT')}>Put right, looked again</Button
    >
    <Button class="large" kind="tertiary" disabled={stopped} on:click={() => void say('REPLACED')}
      >Replaced</Button
    >
  {:else}
    <Button
      class="large"
      disabled={stopped || figureMissing}
      on:click={() => void say('FOUND', 'GOOD')}>As it should be</Button
    >
    <Button
      class="large"
      kind="danger-tertiary"
      disabled={stopped || !seen.trim()}
      on:click={() => void say('FOUND', 'BAD')}>Not as it should be</Button
    >
    <Button
      class="large"
      kind="tertiary"
      disabled={stopped || !seen.trim()}
      on:click={() => void say('FOUND', 'PUT_RIGHT')}>Was not, put right</Button
    >
  {/if}
</div>

<style>
  .judge {
    display: flex;
    flex: 1 1 100%;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  .seen {
    flex: 1 1 100%;
  }
</style>
