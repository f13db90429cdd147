<script lang="ts">
  import { UserFollow } from 'carbon-icons-svelte';
  import { Button } from 'carbon-components-svelte';
  import { asTrouble, type Trouble } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import OtherPerson, { type Witness } from './OtherPerson.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  let { run }: { run: BenchRun } = $props();
  let taking = $state(false);
  let busy = $state(false);
  let other = $state<Witness>();
  let trouble = $state<Trouble | null>(null);
  const own = $derived(here.acting?.id === here.person?.id);

  async function takeOver(e: SubmitEvent) {
    e.preventDefault();
    if (!other || busy) return;
    busy = true;
    try {
      await here.signOn(other.said.name, other.said.pin);
      taking = false;
      trouble = null;
    } catch (caught) {
      trouble = asTrouble(caught);
    } finally {
      busy = false;
    }
  }
</script>

<section aria-label="Who is at work here">
  {#if own}
    <div class="row">
      <p>{here.acting?.name} makes the entries.</p>
      <Button
        kind="ghost"
        aria-expanded={taking}
        disabled={run.away}
        on:click={() => (taking = !taking)}
      >
        <UserFollow size={20} /> Somebody else takes over
      </Button>
    </div>
    {#if taking}
      <form onsubmit={takeOver}>
        <OtherPerson bind:witness={other} label="Who takes over" />
        <Button type="submit" disabled={!other || busy}>Take over</Button>
      </form>
      <p class="soft">
        {here.person?.name} stays signed in; the entries stand under the name of whoever makes them.
      </p>
      {#if trouble}<TroubleNote {trouble} />{/if}
    {/if}
  {:else}
    <div class="row">
      <p role="status">
        <strong>{here.acting?.name}</strong> makes the entries at {here.person?.name}’s device.
      </p>
      <Button kind="tertiary" on:click={() => void run.handBack()}>
        Back to {here.person?.name}
      </Button>
    </div>
  {/if}
</section>

<style>
  .row,
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1rem;
    align-items: center;
  }
  form {
    align-items: end;
  }
  section :global(.bx--btn) {
    min-height: 3.5rem;
    align-items: center;
    gap: 0.5rem;
    padding-right: 1rem;
  }
</style>
