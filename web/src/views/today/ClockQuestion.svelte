<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  let clock = $state.raw<Schemas['ClockPage'] | null>(null);
  const sending = new Submission();
  const confirm = () =>
    sending.send(['clock'], async () => {
      clock = await ask(api.POST('/api/clock/confirmation', {}));
    });
  // Whoever cannot read the clock has a day's list to work by all the same.
  ask(api.GET('/api/clock', {})).then(
    (page) => (clock = page),
    () => undefined,
  );
</script>

{#if clock?.question}
  <div class="clock" role="alert">
    <p><WarningAlt size={16} /> {clock.question}</p>
    <p class="soft">
      The workshop goes by {moment(clock.now)}; the computer says {moment(clock.computer)}.
    </p>
    {#if clock.mayAnswer}
      <button class="quiet" type="button" disabled={sending.busy} onclick={() => void confirm()}>
        The computer’s clock is right: go by it
      </button>
    {:else}
      <p class="soft">A lead looks at the computer’s clock and says so here.</p>
    {/if}
    {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
  </div>
{/if}

<style>
  .clock {
    display: grid;
    gap: 0.5rem;
    justify-items: start;
    margin: 0.75rem 0 1rem;
    padding: 0.75rem 1rem;
    border-left: 3px solid var(--warn);
    background: var(--copper-wash);
  }
</style>
