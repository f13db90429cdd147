<script lang="ts">
  import { Button, Checkbox, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { Submission } from '../../api/submission.svelte';
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
  let leapMeant = $state(false);
  let slip = $state('');
  $effect(() => keep(draft, figure));
  const sending = new Submission();
  const message = $derived(sending.at(/^figure$/));
  const trouble = $derived(sending.besides(/^figure$/));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      [figure, meterReplaced, leapMeant, slip],
      (id) =>
        ask(
          api.POST('/api/machines/{id}/readings', {
            params: { path: { id: machine.id } },
            body: {
              id,
              figure,
              meterReplaced,
              leapMeant,
              ...(slip.trim() ? { slip } : {}),
              version: machine.version,
            },
          }),
        ),
      (page) => {
        figure = '';
        meterReplaced = false;
        leapMeant = false;
        slip = '';
        taken(page);
      },
    );
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
  <Button type="submit" kind="tertiary" size="field" disabled={sending.busy || !figure.trim()}>
    {sending.busy ? 'Writing …' : 'Write down'}
  </Button>
  {#if message || meterReplaced || leapMeant || slip}
    <Checkbox labelText="It is right, I looked again" bind:checked={leapMeant} />
    <Checkbox labelText="The meter was replaced" bind:checked={meterReplaced} />
    <TextInput
      labelText="The last reading was a slip: what was wrong with it"
      bind:value={slip}
      maxlength={1000}
      autocomplete="off"
    />
  {/if}
  {#if trouble}
    <TroubleNote {trouble} retry={sending.outrun ? reload : undefined} label="Show what is new" />
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
