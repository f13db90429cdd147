<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { Button } from 'carbon-components-svelte';
  import { CheckmarkOutline, Misuse, Redo, Undo, WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { here } from '../../api/session.svelte';
  import { navigate } from '../../router';
  import JobHeader from '../../shell/JobHeader.svelte';
  import { fragment, goTo, idOf, isTyping } from '../../shell/place';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { moment } from '../../joint/figures';
  import JobInHand from './JobInHand.svelte';
  import JointInHand from './JointInHand.svelte';
  import LineInHand from './LineInHand.svelte';
  import AddLine from './shape/AddLine.svelte';
  import { Shape } from './shape/shape.svelte';
  import Work from './Work.svelte';
  import { inSequence, isAlike, isStep, type WorkRow } from './work';
  import { addressOf } from '../fit/state';
  import { pieceFrom, withPiece } from './pieces';
  import { onSheet } from './turns';

  type JobSheet = Schemas['JobSheet'];
  type Page = { sheet: JobSheet; standing: Schemas['Progress']; shape: Schemas['Shape'] };
  interface Props {
    page: Page;
    again: (page: Page) => void;
    load: () => Promise<Page>;
  }
  let { page, again, load }: Props = $props();
  const sheet = $derived(page.sheet);
  const standing = $derived(page.standing);
  const id = $derived(sheet.jobId);
  const started = $derived(standing.station !== 'PLAN' || sheet.cancelling !== undefined);
  const may = $derived(here.mayWork && !started);
  const show = (fresh: JobSheet) => again({ ...page, sheet: fresh });
  const reload = async () => again(await load());
  const shape = $derived(
    new Shape(page.sheet.jobId, page.shape, (fresh) => again({ ...page, ...fresh })),
  );
  const rows = $derived(inSequence(sheet));
  /** A long sheet comes in pieces: what is there can be worked on, the rest follows. */
  let pieceTrouble = $state<Trouble | null>(null);
  $effect(() => {
    if (sheet.laterJoints > 0) void more(sheet.joints.length);
  });
  async function more(from: number) {
    pieceTrouble = null;
    try {
      const piece = await pieceFrom(id, from);
      if (piece.version !== sheet.version) return await reload();
      again({ ...page, sheet: withPiece(sheet, from, piece) });
      if (!takes) follow(fragment());
    } catch (e) {
      pieceTrouble = asTrouble(e);
    }
  }
  const sending = new Submission(onSheet);
  const trouble = $derived(sending.trouble);
  /** What is in hand: a joint by its id, a step by the way to it, or the job itself. */
  let selected = $state('job');
  /** On a narrow screen the one in hand stands alone. */
  let opened = $state(false);
  /** Height of what stays in sight above, px. */
  let tall = $state(0);
  let alone = $state<HTMLElement>();

  const start = () =>
    sending.send(
      'start',
      () =>
        ask(
          api.POST('/api/jobs/{id}/run', {
            params: { path: { id } },
            body: { version: sheet.version },
          }),
        ),
      () => navigate('/jobs/:id/bench', { params: { id } }),
    );
  /** The card is fetched against the print before; what it says now is kept beside. */
  const printed = () =>
    sending.send(
      'print',
      (newId) =>
        ask(api.POST('/api/jobs/{id}/prints', { params: { path: { id } }, body: { id: newId } })),
      show,
    );
  const giveBack = () =>
    sending.send(
      'planner',
      (newId) =>
        ask(
          api.POST('/api/jobs/{id}/arrangement/planner', {
            params: { path: { id } },
            body: { id: newId, version: sheet.version },
          }),
        ),
      show,
    );
  const inCrib = (name: string, isHere: boolean) =>
    sending.send(
      [name, isHere],
      (newId) => ask(api.POST('/api/crib/hand-tools', { body: { id: newId, name, here: isHere } })),
      reload,
    );
  /** Where a question of fit is worked out; nothing where looking is enough. */
  const desk = (question = '') => {
    const asked = sheet.preparation.fitCalls[question];
    const state = sheet.fitAnswers.findLast((f) => f.question === question)?.worked?.state ?? '?';
    return asked && addressOf(asked.call, state, { job: id, question });
  };
  const mend = (b: Schemas['Blocker']) =>
    b.kind === 'FIT_NOT_CHECKED'
      ? desk(b.about)
        ? { href: desk(b.about), words: 'work it out' }
        : { href: '#fits', words: 'answer it' }
      : b.kind === 'NOT_ON_SHELF'
        ? { href: `/shelf?want=${encodeURIComponent(b.about ?? '')}`, words: 'to the shelf' }
        : undefined;

  /** How often something was put in hand. */
  let takes = 0;
  /** Puts a row of the work in hand. */
  function take(key: string) {
    takes++;
    selected = key;
    opened = key !== 'job';
    void tick().then(() => {
      // On a narrow screen it stands alone and begins at its top.
      if (alone?.offsetParent) alone.scrollIntoView?.({ block: 'start' });
    });
  }
  /** From the one in hand back to its row. */
  function back() {
    opened = false;
    const row = rows.find((r) => r.key === selected);
    if (row) void tick().then(() => goTo(row.anchor));
  }
  /** A link to a place of the sheet puts what it is about in hand. */
  function follow(fragment: string) {
    const place = idOf(fragment);
    const joint = sheet.joints.find((j) => place === `joint-${j.id}`);
    if (joint) take(joint.id);
    else if (place === 'fits' || place === 'job') {
      selected = 'job';
      opened = true;
      void tick().then(() => goTo(place));
    }
  }
  /** Joints are moved by the planner’s rules, steps within the document. */
  function put(row: WorkRow, before: WorkRow) {
    if (row.final && row.jointId) {
      const place = sheet.joints.findIndex((j) => j.id === before.jointId);
      if (place < 0) return;
      void sending.send(
        ['move', row.jointId, place],
        (newId) =>
          ask(
            api.POST('/api/jobs/{id}/arrangement', {
              params: { path: { id } },
              body: { id: newId, jointId: row.jointId ?? '', place, version: sheet.version },
            }),
          ),
        show,
      );
    } else if (isStep(row) && isAlike(row, before)) {
      const name = before.at.at(-1) ?? '';
      void sending.send(['move', row.at, name], (newId) =>
        shape.change([{ kind: 'MOVE', at: row.at, before: name }], newId),
      );
    }
  }
  const later = (row: WorkRow, by: 1 | -1) => {
    const like = rows.filter((r) => isAlike(row, r) && (row.final || r.doing === row.doing));
    return like[like.findIndex((r) => r.anchor === row.anchor) + by];
  };
  const into = (selector: string) =>
    void tick().then(() => document.querySelector<HTMLElement>(selector)?.focus());
  function key(e: KeyboardEvent, row: WorkRow) {
    if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
      const other = later(row, e.key === 'ArrowUp' ? -1 : 1);
      e.preventDefault();
      if (other && e.key === 'ArrowUp') put(row, other);
      else if (other) put(other, row);
    } else if (e.key === 'Enter') {
      e.preventDefault();
      take(row.key);
      into('.in-hand :is(input, select, button)');
    }
  }
  /** One key an action; none while something is typed. */
  function short(e: KeyboardEvent) {
    if (isTyping(e.target) || e.ctrlKey || e.metaKey || e.altKey || !may) return;
    const act: Record<string, () => void> = {
      j: () => take('job'),
      v: () => into('.in-hand input'),
      e: () => into('.in-hand .fields .value'),
      n: () => into('.add input'),
      u: () => void sending.send('undo', (newId) => shape.undo(newId)),
      r: () => void sending.send('redo', (newId) => shape.redo(newId)),
      b: () => sheet.ready && void start(),
    };
    const chosen = act[e.key];
    if (!chosen) return;
    e.preventDefault();
    chosen();
  }
  /**
   * The next joint that still lacks its value comes into hand, unless somebody took something in
   * hand while the last one was on its way.
   */
  const valued = () => {
    const then = takes;
    return (fresh: JobSheet) => {
      show(fresh);
      if (takes === then) takeNextWithoutValue(fresh);
    };
  };
  function takeNextWithoutValue(fresh: JobSheet) {
    const open = inSequence(fresh).find(
      (r) =>
        r.final &&
        fresh.blockers.some((b) => b.kind === 'MISSING_VALUE' && b.jointId === r.jointId),
    );
    if (!open) return;
    take(open.key);
    into('.in-hand input');
  }
  const row = $derived(rows.find((r) => r.key === selected && (r.final || !r.jointId)));
  const joint = $derived(sheet.joints.find((j) => j.id === selected));
  $effect(() => untrack(() => follow(fragment())));
</script>

<svelte:window onkeydown={short} onhashchange={() => follow(fragment())} />
<JobHeader
  number={sheet.number}
  title={sheet.title}
  machine={sheet.machine}
  jobId={id}
  at={sheet.ready ? 'plan' : 'values'}
  {started}
  signed={standing.station === 'RECORD'}
/>
<section
  class="readiness"
  class:ready={sheet.ready}
  aria-label="Readiness"
  bind:clientHeight={tall}
>
  {#if sheet.cancelling}
    <p class="verdict bad"><Misuse size={20} /> <strong>Cancelled</strong></p>
    <p>
      {sheet.cancelling.reason}
      <span class="soft">{sheet.cancelling.by}, {moment(sheet.cancelling.at)}</span>
    </p>
  {:else if started}
    <p class="verdict"><CheckmarkOutline size={20} /> <strong>Started</strong></p>
    <p class="soft">
      {standing.words}. The bench keeps to the sheet as it was at the start.
    </p>
    <a class="go" href={standing.station === 'RECORD' ? `/log/${id}` : `/jobs/${id}/bench`}
      >{standing.station === 'RECORD' ? 'To the record' : 'To the bench'}</a
    >
  {:else if sheet.ready}
    <p class="verdict good"><CheckmarkOutline size={20} /> <strong>Ready</strong></p>
    <p class="soft">Every joint has one value, a product, a tool and an order.</p>
  {:else}
    <p class="verdict warn"><WarningAlt size={20} /> <strong>Not ready</strong></p>
    <ul>
      {#each sheet.blockers as b, i (i)}
        {@const about = sheet.joints.find((j) => j.id === b.jointId)}
        <li>
          <!-- prettier-ignore -->
          {#if about}<a href="#joint-{about.id}" onclick={() => take(about.id)}>{about.title}</a>:&#32;{/if}{b.message}
          {#if mend(b)}<a
              href={mend(b)?.href}
              onclick={() => b.kind === 'FIT_NOT_CHECKED' && !desk(b.about) && follow('fits')}
              >{mend(b)?.words}</a
            >{/if}
          {#if b.kind === 'NOT_IN_CRIB' && here.mayWork}
            <button class="quiet" type="button" onclick={() => void inCrib(b.about ?? '', true)}
              >It is here</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  {#if may}
    <span class="back">
      <button
        type="button"
        aria-label="Undo the last change of the job"
        disabled={!shape.canUndo || sending.busy}
        onclick={() => void sending.send('undo', (newId) => shape.undo(newId))}
        ><Undo size={20} /></button
      >
      <button
        type="button"
        aria-label="Bring it back"
        disabled={!shape.canRedo || sending.busy}
        onclick={() => void sending.send('redo', (newId) => shape.redo(newId))}
        ><Redo size={20} /></button
      >
    </span>
    {#if sheet.ready}
      <Button disabled={sending.busy} on:click={() => void start()}>
        {sending.busy ? 'Starting …' : 'Start at the bench'}
      </Button>
    {/if}
  {/if}
  {#if pieceTrouble}
    <TroubleNote trouble={pieceTrouble} retry={() => void more(sheet.joints.length)} />
  {/if}
  {#if trouble}
    <TroubleNote {trouble} retry={sending.outrun ? reload : undefined} label="Show what is new" />
  {/if}
</section>
{#if sheet.sincePrint?.changes.length}
  <section class="news" aria-label="Changed since the print">
    <p>
      <WarningAlt size={16} />
      <strong>Changed since the print</strong> of {moment(sheet.sincePrint.printedAt)}, {sheet
        .sincePrint.printedBy}
    </p>
    <ul>
      {#each sheet.sincePrint.changes as change, i (i)}
        {@const about = sheet.joints.find((j) => j.id === change.jointId)}
        <li>
          {#if about}<a href="#joint-{about.id}" onclick={() => take(about.id)}>{about.title}</a
            >,&#32;{/if}{change.words}
        </li>
      {/each}
    </ul>
  </section>
{/if}

<div class="surface" class:opened style:--above="{tall}px">
  <section class="left" aria-label="The work">
    <div class="head">
      <h2 id="values">The work, in its order</h2>
      <button
        class="quiet"
        type="button"
        aria-pressed={selected === 'job'}
        onclick={() => {
          selected = 'job';
          opened = true;
        }}>The job, its parts and tools</button
      >
    </div>
    {#if sheet.handOrder}
      <p>
        Arranged by hand.
        {#if may}
          <button class="quiet" type="button" onclick={() => void giveBack()}>
            Back to the planner’s order
          </button>
        {/if}
      </p>
    {/if}
    <Work {sheet} {selected} {may} select={(r) => take(r.key)} move={put} {key} />
    {#if may}
      <AddLine {shape} jobId={id} added={(newJoint, at) => take(newJoint ?? at.join('/'))} />
      <p class="keys soft no-print">
        <kbd>↑</kbd> <kbd>↓</kbd> along the work · <kbd>Enter</kbd> into the one in hand ·
        <kbd>Alt</kbd>+<kbd>↑</kbd> <kbd>↓</kbd> earlier, later · <kbd>v</kbd> value ·
        <kbd>e</kbd> shape · <kbd>n</kbd> new joint · <kbd>j</kbd> the job · <kbd>u</kbd>
        <kbd>r</kbd> undo, redo · <kbd>b</kbd> bench
      </p>
    {/if}
  </section>
  <section class="in-hand" aria-label="In hand">
    <p class="narrow no-print" bind:this={alone}>
      <button class="quiet" type="button" onclick={back}> Back to the work </button>
    </p>
    {#if joint}
      <JointInHand
        {joint}
        {shape}
        place={sheet.joints.indexOf(joint) + 1}
        last={sheet.laterJoints === 0 && sheet.joints.at(-1) === joint}
        changed={sheet.sincePrint?.changes.some((c) => c.jointId === joint.id) ?? false}
        jobId={id}
        version={sheet.version}
        {started}
        decided={show}
        {valued}
        {reload}
        gone={() => take('job')}
      />
    {:else if row}
      <LineInHand {row} {shape} {may} {reload} gone={() => take('job')} />
    {:else}
      <JobInHand
        {sheet}
        {shape}
        {standing}
        {started}
        {show}
        {reload}
        inCrib={(name, isHere) => void inCrib(name, isHere)}
        printed={() => void printed()}
      />
    {/if}
  </section>
</div>

<style>
  .readiness {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1.5rem;
    align-items: center;
    min-height: 3.5rem;
    padding: 0.375rem 0 0.375rem 0.75rem;
    border-left: 3px solid var(--warn);
    border-bottom: 1px solid var(--hairline);
    background: var(--ground);
    position: sticky;
    top: 0;
    z-index: 3;
  }
  .readiness.ready {
    border-left-color: var(--good);
  }
  .back {
    margin-left: auto;
  }
  .back button {
    width: 2.5rem;
    height: 2.5rem;
    background: none;
    border: 0;
    color: var(--copper);
    cursor: pointer;
  }
  .back button:disabled {
    color: var(--hairline);
    cursor: default;
  }
  .go {
    display: inline-flex;
    align-items: center;
    min-height: 2.5rem;
    margin-left: auto;
  }
  .news {
    border-left: 3px solid var(--copper);
    padding: 0.25rem 0 0.25rem 0.75rem;
    margin: 0.5rem 0;
  }
  .news ul {
    list-style: none;
  }
  .verdict {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    font-size: 1rem;
  }
  .readiness ul {
    flex: 1;
    list-style: none;
    min-width: min(20rem, 100%);
    max-height: 5.5rem;
    overflow-y: auto;
    font-size: 0.875rem;
  }
  .surface {
    display: grid;
    grid-template-columns: minmax(0, 11fr) minmax(0, 9fr);
    gap: 0 2rem;
    align-items: start;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
  }
  .in-hand {
    border-left: 1px solid var(--hairline);
    padding: 0.75rem 0 2rem 1.25rem;
  }
  .narrow {
    display: none;
  }
  .keys {
    font-size: 0.75rem;
  }
  kbd {
    border: 1px solid var(--hairline);
    padding: 0 0.25rem;
    font-family: inherit;
  }
  @media (min-width: 901px) {
    .in-hand {
      position: sticky;
      top: calc(var(--above) + 0.5rem);
      max-height: calc(100vh - var(--above) - 1rem);
      overflow-y: auto;
    }
  }
  @media (max-width: 900px) {
    .surface {
      grid-template-columns: minmax(0, 1fr);
    }
    .surface.opened .left,
    .surface:not(.opened) .in-hand {
      display: none;
    }
    .in-hand {
      border-left: 0;
      padding-left: 0;
    }
    .narrow {
      display: block;
      scroll-margin-top: var(--above);
    }
    .readiness {
      gap: 0 0.75rem;
    }
    .readiness ul {
      order: 1;
      flex-basis: 100%;
      max-height: 3.75rem;
    }
    .keys {
      display: none;
    }
  }
</style>
