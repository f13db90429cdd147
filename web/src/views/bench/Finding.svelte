<script lang="ts">
  import { onMount } from 'svelte';
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
  const unit = $derived(step.measure?.unit);
  // svelte-ignore state_referenced_locally
  const draft = `found.${run.page.jobId}.${step.id}`;
  let found = $state(kept(draft));
  let limit = $state('');
  const asksLimit = $derived(step.measure?.onPart !== undefined);
  let field = $state<HTMLInputElement | null>(null);
  onMount(() => field?.focus());
  $effect(() => keep(draft, found));
  $effect(() => {
    if (read) found = read;
  });

  async function say(e: SubmitEvent) {
    e.preventDefault();
    if (stopped || !found.trim() || (asksLimit && !limit.trim())) return;
    // The field is made anew by the answer, so what was sent must be gone before.
    keep(draft, '');
    if (
      !(await run.say({
        kind: 'MEASURED',
        reason: found.trim(),
        ...(asksLimit ? { limit: limit.trim() } : {}),
      }))
    )
      keep(draft, found);
  }
</script>

<form onsubmit={say}>
  {#if step.measure && asksLimit}<LimitOnPart measure={step.measure} bind:limit />{/if}
  <TextInput
    labelText={unit ? `What you found, ${unit}` : 'What you found'}
    bind:ref={field}
    bind:value={found}
    maxlength={1000}
    size="xl"
    autocomplete="off"
    inputmode={unit ? 'decimal' : 'text'}
  />
  <Button type="submit" class="large" disabled={stopped || !found.trim()}>Write down</Button>
</form>

<style>
  form {
    display: flex;
    flex: 1 1 100%;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  form > :global(.bx--form-item) {
    flex: 1 1 16rem;
  }
</style>
