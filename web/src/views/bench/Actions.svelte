<script lang="ts">
  import { tick } from 'svelte';
  import { Checkmark, Misuse } from 'carbon-icons-svelte';
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { here } from '../../api/session.svelte';
  import { inUnit } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';
  import Finding from './Finding.svelte';
  import NextSlot from './NextSlot.svelte';
  import Judge from './Judge.svelte';
  import OtherBottle from './OtherBottle.svelte';
  import OtherPerson, { type Witness } from './OtherPerson.svelte';
  import TakePhotograph from './TakePhotograph.svelte';
  import TakeTool from './TakeTool.svelte';
  import type { BenchRun } from '../../run/run.svelte';
  import type { Said } from '../../run/outbox';
  import type { Dial } from '../../run/dial.svelte';
  import type { Wrench } from '../../run/wrench.svelte';

  interface Props {
    run: BenchRun;
    wrench: Wrench;
    dial: Dial;
    /** Whether the wrench in hand is followed at this step. */
    pulls: boolean;
    step: Schemas['RunStep'];
    padOpen: boolean;
    /** Whether it is being said how something moved that was only tried. */
    how: boolean;
  }
  let {
    run,
    wrench,
    dial,
    pulls,
    step,
    padOpen = $bindable(),
    how = $bindable(),
  }: Props = $props();
  const runState = $derived(run.page.state);
  const answers = $derived(new Map(runState.answers.map((a) => [a.kind, a.words])));
  const may = (kind: Said['kind']) => answers.has(kind);
  const words = (kind: Said['kind']) => answers.get(kind) ?? '';
  const pending = $derived(runState.pending);
  const stopped = $derived(run.settling || wrench.pulling);
  const lets = $derived((['DEVIATION_ACCEPTED', 'LEFT'] as const).find(may));
  /** Whether it slips at the last torque: it is taken apart, or a lead leaves it. */
  const apart = $derived(lets === 'LEFT' && may('BEGUN_AGAIN'));
  /** What was written where something was found. */
  const pendingWords = $derived(
    pending && 'reason' in pending.event.said ? pending.event.said.reason : undefined,
  );
  // svelte-ignore state_referenced_locally
  const draft = `deviation.${run.page.jobId}.${step.id}`;
  let reason = $state(kept(draft));
  let witness = $state<Witness>();
  /** The lead who lets something stand. */
  let leader = $state<Witness>();
  let pullButton = $state<HTMLButtonElement | null>(null);
  $effect(() => keep(draft, reason));

  /** Answers that need no words: one of them is the main one of its step. */
  const PLAIN = ['CLICKED', 'DONE', 'HELD', 'HOLDS', 'SLACKENED', 'SIGNED_OFF'] as const;
  type Plain = (typeof PLAIN)[number];
  /** Whether it is said once more how far the next slot is. */
  let again = $state(false);
  /** What somebody who looked found not as it should be. */
  // svelte-ignore state_referenced_locally
  const lookDraft = `look.${run.page.jobId}`;
  let seen = $state(kept(lookDraft));
  $effect(() => keep(lookDraft, seen));
  const renewing = $derived(may('REPLACED') && !step.judged);
  const main = $derived<Plain | undefined>(
    runState.answers.map((a) => a.kind as Plain).find((kind) => PLAIN.includes(kind)),
  );
  const pulled = $derived(may('READING') || may('HELD'));
  const pulling = $derived(pulls && pulled);
  const mainWords = $derived(
    main === undefined
      ? ''
      : main === 'SIGNED_OFF'
        ? `${words(main)} as ${here.acting?.name ?? ''}`
        : words(main),
  );

  function key(e: KeyboardEvent) {
    const within =
      e.target instanceof HTMLElement && e.target.closest('input,button,a,select,summary,textarea');
    if (within || e.ctrlKey || e.metaKey || e.altKey || e.repeat || !here.mayWork) return;
    if (e.key === ' ' && pulling) {
      e.preventDefault();
      if (!stopped) wrench.pull();
    } else if (e.key === ' ' && main && main !== 'SIGNED_OFF') {
      e.preventDefault();
      void run.say({ kind: main });
    } else if (e.key.toLowerCase() === 'm' && may('MOVED')) {
      sayMoved();
    } else if (e.key.toLowerCase() === 's' && may('SLIPS')) {
      void run.say({ kind: 'SLIPS' });
    } else if (/^[0-9.,]$/.test(e.key) && may('READING')) {
      padOpen = true;
    }
  }

  /** Of what is only tried it is asked how and why. */
  function sayMoved() {
    if (step.kind === 'TRY') how = !how;
    else void run.say({ kind: 'MOVED' });
  }

  /** Then the next press of the bar pulls, or says that it clicked; it does not take or lay it down again. */
  async function take() {
    wrench.take(!wrench.chosen);
    await tick();
    if (pullButton) pullButton.focus();
    else if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  }

  async function accept() {
    if (lets) await say(lets, leader);
  }

  async function say(kind: 'DEVIATION_ACCEPTED' | 'LEFT' | 'BEGUN_AGAIN', other?: Witness) {
    const taken = await run.say({ kind, reason }, { pin: other?.said }, other?.person);
    if (taken) keep(draft, '');
  }

  /** The second look: good, or what was seen. */
  async function look(finding: Schemas['SaidSecondLook']['finding']) {
    const reason = seen.trim();
    const taken = await run.say(
      { kind: 'SECOND_LOOK', finding, ...(reason ? { reason } : {}) },
      { pin: witness?.said },
      witness?.person,
    );
    if (taken) seen = '';
  }
</script>

<svelte:window onkeydown={key} />
{#if run.notCounted}
  <p class="not-counted" role="alert">Not counted: {run.notCounted}</p>
{/if}
{#if pending && runState.shown?.dueSlot}
  <p class={pending.deviation ? 'pending' : 'advice'} role={pending.deviation ? 'alert' : 'status'}>
    {#if pending.deviation}<Misuse size={24} />{/if}
    {runState.shown.dueSlot.advice}
  </p>
{:else if pending}
  <p class="pending" role="alert">
    <Misuse size={24} />
    {#if pending.torqueNm !== undefined && step.band && !pending.curve}
      {pending.shown ?? `${inUnit(pending.torqueNm, reading.unit)} ${reading.unit.sign}`} is
      {pending.words.came} of {inUnit(step.band.minNm, reading.unit)}–{inUnit(
        step.band.maxNm,
        reading.unit,
      )}.
    {:else if pendingWords}
      “{pendingWords}”{pending.verdict === 'BAD' ? '' : ` is ${pending.words.came ?? ''}`}.
    {/if}
    {runState.shown?.advice}
  </p>
{/if}
{#snippet why()}
  <form
    class="row"
    onsubmit={(e) => {
      e.preventDefault();
      void (apart ? say('BEGUN_AGAIN') : accept());
    }}
  >
    <div class="reason">
      <TextInput
        labelText={apart
          ? 'Why it slips, and what was done'
          : lets === 'LEFT'
            ? 'Why it is left as it is'
            : 'Why it may stand'}
        bind:value={reason}
        maxlength={1000}
        size="xl"
      />
    </div>
    {#if apart}
      <Button type="submit" class="large" disabled={stopped || !reason.trim()}
        >{words('BEGUN_AGAIN')}</Button
      >
    {/if}
    <OtherPerson bind:witness={leader} label="A lead, with PIN" optional />
    <Button
      type={apart ? 'button' : 'submit'}
      class="large"
      kind="tertiary"
      disabled={stopped || !reason.trim()}
      on:click={() => {
        if (apart) void accept();
      }}
    >
      {lets ? words(lets) : ''}
    </Button>
  </form>
{/snippet}
{#if here.mayWork}
  {#if apart}{@render why()}{/if}
  <div class="row">
    {#if may('SECOND_LOOK')}
      <OtherPerson bind:witness label="Who looked" />
      <Button
        class="large"
        disabled={stopped || !witness}
        on:click={() => void look(pending ? 'PUT_RIGHT' : 'GOOD')}
      >
        {pending ? 'Put right, looked again' : words('SECOND_LOOK')}
      </Button>
      <div class="row found">
        <div class="reason">
          <TextInput
            labelText="What is not as it should be"
            bind:value={seen}
            maxlength={1000}
            size="xl"
          />
        </div>
        <Button
          class="large"
          kind="danger-tertiary"
          disabled={stopped || !witness || !seen.trim()}
          on:click={() => void look('BAD')}>Not as it should be</Button
        >
      </div>
    {/if}
    {#if may('FOUND')}
      <Judge {run} {step} {stopped} read={dial.reading} />
    {/if}
    {#if renewing}
      <Button class="large" disabled={stopped} on:click={() => void run.say({ kind: 'REPLACED' })}
        >{words('REPLACED')}</Button
      >
    {/if}
    {#if may('MEASURED')}
      <Finding {run} {step} {stopped} read={dial.reading} />
    {/if}
    {#if pulling}
      <Button class="large" bind:ref={pullButton} disabled={stopped} on:click={() => wrench.pull()}>
        {wrench.pulling ? 'Pulling …' : 'Pull the wrench'} <kbd>space</kbd>
      </Button>
    {/if}
    {#if main}
      <Button
        class="large"
        kind={pulling ? 'tertiary' : 'primary'}
        disabled={stopped}
        on:click={() => void run.say({ kind: main })}
      >
        {mainWords}
        {#if main !== 'SIGNED_OFF' && !pulling}<kbd>space</kbd>{/if}
      </Button>
    {/if}
    {#if main === 'DONE' && may('SLACKENED')}
      <Button
        class="large"
        kind="tertiary"
        disabled={stopped}
        on:click={() => void run.say({ kind: 'SLACKENED' })}>{words('SLACKENED')}</Button
      >
    {/if}
    {#if may('SLOT_AHEAD')}
      {#if pending && !again}
        <Button class="large" kind="tertiary" disabled={stopped} on:click={() => (again = true)}
          >How far, once more</Button
        >
      {:else}
        <NextSlot {run} {step} {stopped} />
      {/if}
    {/if}
    {#if may('SLIPS')}
      <Button
        class="large"
        kind="tertiary"
        disabled={stopped}
        on:click={() => void run.say({ kind: 'SLIPS' })}>{words('SLIPS')} <kbd>S</kbd></Button
      >
    {/if}
    {#if may('MOVED')}
      <Button
        class="large"
        kind="tertiary"
        disabled={stopped}
        aria-expanded={step.kind === 'TRY' ? how : undefined}
        on:click={sayMoved}>{words('MOVED')} <kbd>M</kbd></Button
      >
    {/if}
    {#if may('READING')}
      <Button
        class="large"
        kind="tertiary"
        disabled={stopped}
        aria-expanded={padOpen}
        on:click={() => (padOpen = !padOpen)}>{words('READING')}</Button
      >
    {/if}
    {#if pulled && step.reading && (!how || wrench.chosen)}
      <Button
        class="large"
        kind="tertiary"
        disabled={stopped || run.away}
        aria-pressed={wrench.chosen}
        on:click={() => void take()}
        >Simulated wrench {#if wrench.chosen}<Checkmark size={20} />{/if}</Button
      >
    {/if}
    {#if step.kind !== 'SIGN_OFF' && !how}<TakePhotograph {run} {step} />{/if}
  </div>
  {#if lets && !apart}{@render why()}{/if}
  {#if run.joint && may('OTHER_PRODUCT')}
    {#key step.id}
      <OtherBottle {run} joint={run.joint} words={words('OTHER_PRODUCT')} {stopped} />
    {/key}
  {/if}
  {#if run.joint && may('AMENDED') && !how}
    <TakeTool {run} joint={run.joint} {stopped} />
  {/if}
{:else}
  <p class="soft">You may watch; a mechanic makes the entries.</p>
{/if}

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
    padding: 0.5rem 0;
  }
  .row :global(.large) {
    min-height: 4rem;
    min-width: 9rem;
    padding-right: 1rem;
    font-size: 1.25rem;
    align-items: center;
  }
  .row :global(.bx--btn--primary.large) {
    min-width: 20rem;
  }
  .found {
    flex: 1 1 100%;
  }
  .reason {
    flex: 1;
    min-width: min(14rem, 100%);
  }
  kbd {
    margin-left: 1rem;
    border: 1px solid currentColor;
    padding: 0 0.5rem;
    font: inherit;
    font-size: 0.875rem;
  }
  .pending,
  .not-counted {
    font-size: 1.25rem;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
  }
  .advice {
    font-size: 1.375rem;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--copper);
  }
  .pending :global(svg) {
    fill: var(--bad);
    vertical-align: text-bottom;
  }
  @media (max-width: 640px) {
    .row :global(.large),
    .row :global(.bx--btn--primary.large) {
      width: 100%;
      min-width: 0;
    }
    kbd {
      display: none;
    }
  }
</style>
