<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { choices as load } from '../../api/choices';
  import { Newest } from '../../api/newest';
  import { route } from '../../router';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import DeskAnswer from './DeskAnswer.svelte';
  import DeskOnPaper from './DeskOnPaper.svelte';
  import DeskForm from './DeskForm.svelte';
  import { placeOf, type DeskKey, type DeskState } from './fields';
  import { fromQuery, toQuery, toRequest } from './state';

  const PAUSE_MS = 5;
  /** Writing the address costs as much as drawing the answer, so it waits for a rest in typing. */
  const REST_MS = 250;
  let choices: Schemas['ChoicesResponse'] | undefined;
  let desk = $state<DeskState>(fromQuery(window.location.search));
  let answer = $state.raw<Schemas['DeskResponse'] | null>(null);
  let messages = $state<Partial<Record<DeskKey, string>>>({});
  let trouble = $state<Trouble | null>(null);
  let timer: ReturnType<typeof setTimeout>;
  let resting: ReturnType<typeof setTimeout> | undefined;
  const answers = new Newest();

  async function work(state: DeskState, from: Schemas['ChoicesResponse']) {
    const made = toRequest(state, from);
    if ('wrong' in made) {
      answers.drop();
      messages = Object.fromEntries(
        made.wrong.map((w) => [w.field, 'Type a plain number such as 12.5.']),
      );
      return;
    }
    const body = made.request;
    await answers.ask(
      () => ask(api.POST('/api/compute/desk', { params: { query: { why: true } }, body })),
      (fresh) => {
        answer = fresh;
        messages = {};
        trouble = null;
      },
      (e) => {
        const caught = asTrouble(e);
        messages = Object.fromEntries(caught.errors.map((p) => [placeOf(p.field), p.message]));
        trouble = caught.errors.length ? null : caught;
      },
    );
  }

  function keep() {
    if (resting === undefined) return;
    clearTimeout(resting);
    resting = undefined;
    window.history.replaceState(window.history.state, '', `/desk${toQuery(desk)}`);
  }
  onDestroy(() => clearTimeout(resting));

  function changed() {
    clearTimeout(timer);
    const state = { ...desk };
    clearTimeout(resting);
    resting = setTimeout(keep, REST_MS);
    timer = setTimeout(() => choices && void work(state, choices), PAUSE_MS);
  }

  const begin = (from: Schemas['ChoicesResponse']) => {
    choices = from;
    void work({ ...desk }, from);
  };
  /** The ask line and the browser's own keys may put another state into the address. */
  $effect(() => {
    if (route.pathname === '/desk' && route.search !== undefined) untrack(follow);
  });
  function follow() {
    if (window.location.search.replace(/^\?$/, '') !== toQuery(desk).replace(/^\?$/, '')) {
      desk = fromQuery(window.location.search);
      if (choices) void work({ ...desk }, choices);
    }
  }
</script>

<svelte:head><title>Joint desk · Unimetric</title></svelte:head>
<svelte:window onpopstate={follow} onpagehide={keep} />
<Loaded {load}>
  {#snippet children(from)}
    <div class="desk" {@attach () => begin(from)}>
      <section class="set" aria-label="The joint">
        <h1>Joint desk</h1>
        <div class="no-print"><DeskForm bind:desk choices={from} {messages} {changed} /></div>
        <DeskOnPaper {desk} choices={from} />
      </section>
      <section class="told" aria-label="What it comes to" aria-live="polite">
        {#if trouble}<TroubleNote {trouble} retry={changed} />{/if}
        {#if answer}<DeskAnswer {answer} {desk} choices={from} />{/if}
      </section>
    </div>
  {/snippet}
</Loaded>

<style>
  .desk {
    display: grid;
    grid-template-columns: 19rem minmax(0, 1fr);
    gap: 0 2.5rem;
    align-items: start;
  }
  @media (max-width: 900px) {
    .desk {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
