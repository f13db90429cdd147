<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { moment, sign } from '../../joint/figures';
  import EntryWords from '../log/EntryWords.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  let { run }: { run: BenchRun } = $props();
  type Entry = Schemas['Entry'];
  const entries = $derived([...run.page.state.entries].reverse());
  const steps = $derived(new Map(run.page.sheet.steps.map((s) => [s.id, s])));
  let open = $state('');
  let typed = $state('');
  let unit = $state<Schemas['ScaleReading']['unit']>();

  const mayCorrect = (e: Entry) =>
    !run.page.state.signedOff && here.mayWork && e.correctable === true;
  const hasTorque = (e: Entry) => steps.get(e.event.stepId)?.kind === 'TIGHTEN';

  function begin(e: Entry) {
    open = open === e.event.id ? '' : e.event.id;
    typed = '';
    const said = e.event.said;
    unit =
      (said.kind === 'READING' ? said.unit : undefined) ??
      steps.get(e.event.stepId)?.reading?.unit ??
      'N.m';
  }

  async function correct(e: Entry, withFigure: boolean) {
    const taken = await run.say(
      {
        kind: 'CORRECTION',
        corrects: e.event.id,
        ...(withFigure && unit ? { typed, unit } : {}),
      },
      { stepId: e.event.stepId, fastener: e.event.fastener },
    );
    if (taken) open = '';
  }
</script>

{#if entries.length}
  <section aria-label="Entries">
    <h2>Entries, newest first</h2>
    <ul class="lines">
      {#each entries as e (e.event.id)}
        {@const step = steps.get(e.event.stepId)}
        <li>
          <div class="line" class:corrected={e.correctedBy}>
            <span class="soft figure">{moment(e.event.time.doneAt)}</span>
            <span>
              {step ? `${step.group}: ${step.title}` : ''}{e.event.fastener
                ? `, fastener ${e.event.fastener}`
                : ''}
            </span>
            <EntryWords entry={e} />
            <span class="soft"
              >{e.event.by.name}{#if run.provisional.includes(e.event.id)}, waits on this device{/if}</span
            >
            {#if mayCorrect(e)}
              <Button
                kind="ghost"
                size="field"
                aria-expanded={open === e.event.id}
                aria-label="Correct {step?.title ?? 'entry'}{e.event.fastener
                  ? `, fastener ${e.event.fastener}`
                  : ''}, {moment(e.event.time.doneAt)}"
                on:click={() => begin(e)}>Correct</Button
              >
            {/if}
          </div>
          {#if open === e.event.id}
            <div class="correct">
              {#if hasTorque(e)}
                <TextInput
                  labelText="It should read, {sign(here.units, unit)}"
                  bind:value={typed}
                  maxlength={60}
                  inputmode="decimal"
                  invalid={(run.trouble?.errors.length ?? 0) > 0}
                  invalidText={run.trouble?.errors[0]?.message ?? ''}
                />
                <Button
                  size="field"
                  disabled={!typed.trim() || run.settling}
                  on:click={() => void correct(e, true)}>Correct the figure</Button
                >
              {/if}
              <Button
                size="field"
                kind="tertiary"
                disabled={run.settling}
                on:click={() => void correct(e, false)}>Strike it and do it again</Button
              >
              <p class="soft">Both entries stay in the log.</p>
            </div>
          {/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  .line {
    display: grid;
    grid-template-columns: 8rem minmax(0, 3fr) minmax(0, 3fr) 5rem 6rem;
    gap: 0.25rem 1rem;
    align-items: center;
    min-height: 2.5rem;
  }
  .corrected {
    color: var(--ink-soft);
  }
  .correct {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
    padding: 0.5rem 0 0.75rem 9rem;
    max-width: 52rem;
  }
  .correct > :global(.bx--form-item) {
    flex: 0 1 14rem;
  }
  @media (max-width: 640px) {
    .line {
      grid-template-columns: 1fr 1fr;
    }
    .correct {
      padding-left: 0;
    }
  }
</style>
