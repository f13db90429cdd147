<script lang="ts">
  import { Button, Checkbox, TextInput } from 'carbon-components-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    machine: Schemas['Machine'];
    unit: string;
    taken: (page: Schemas['MachinePage']) => void;
    reload: () => void;
  }
  let { machine, unit, taken, reload }: Props = $props();
  const draft = $derived(`meter.${machine.id}`);
  // svelte-ignore state_referenced_locally
  let figure = $state(kept(`meter.${machine.id}`));
  let meterReplaced = $state(false);
  let busy = $state(false);
  let trouble = $state<Trouble | null>(null);
  let id = crypto.randomUUID();
  $effect(() => keep(draft, figure));
  const message = $derived(trouble?.errors.find((e) => e.field === 'figure')?.message ?? '');

  async function send(e: SubmitEvent) {
    e.preventDefault();
    busy = true;
    trouble = null;
    try {
      const page = await ask(
        api.POST('/api/machines/{id}/readings', {
          params: { path: { id: machine.id } },
          body: { id, figure, meterReplaced, version: machine.version },
        }),
      );
      id = crypto.randomUUID();
      figure = '';
      meterReplaced = false;
      taken(page);
    } catch (caught) {
      trouble = asTrouble(caught);
    }
    busy = false;
  }
</script>

<form onsubmit={send}>
  <TextInput
    labelText="Reading now, {unit}"
    bind:value={figure}
    inputmode="decimal"
    maxlength={40}
    autocomplete="off"
    invalid={message !== ''}
    invalidText={message}
  />
  <Button type="submit" kind="tertiary" size="field" disabled={busy || !figure.trim()}>
    {busy ? 'Writing …' : 'Write down'}
  </Button>
  {#if message || meterReplaced}
    <Checkbox labelText="The meter was replaced" bind:checked={meterReplaced} />
  {/if}
  {#if trouble && !message}
    <TroubleNote
      {trouble}
      retry={trouble.status === 409 ? reload : undefined}
      label="Show what is new"
    />
  {/if}
</form>

<style>
  form {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.5rem;
    align-items: end;
    margin-bottom: 0.75rem;
  }
  form > :global(:nth-child(n + 3)) {
    grid-column: 1 / -1;
  }
</style>
