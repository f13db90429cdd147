<script lang="ts">
  import { api, ask, asTrouble, type Schemas } from '../api/client';
  import { Newest } from '../api/newest';
  import { here } from '../api/session.svelte';
  import { navigate } from '../router';
  import { ofJoint, toQuery } from '../views/desk/state';
  import AskedAnswer from './AskedAnswer.svelte';
  import { goTo, machineInHand, partsOf } from './place';

  const pages = [
    { name: 'Today', href: '/' },
    { name: 'Machines', href: '/machines' },
    { name: 'Shelf', href: '/shelf' },
    { name: 'Desk', href: '/desk' },
    { name: 'Fit', href: '/fit' },
    { name: 'Log', href: '/log' },
  ] as const;
  const PAUSE_MS = 60;
  const KINDS = {
    MACHINE: 'machine ·',
    JOB: 'job on',
    OFFERED: 'job:',
    JOINT: 'stated:',
    PRODUCT: 'product ·',
    RECHECK: '',
  } as const;

  let text = $state('');
  let open = $state(false);
  let answer = $state.raw<Schemas['QuestionResponse'] | null>(null);
  let tools = $state.raw<Schemas['CribChoice'][] | null>(null);
  let hits = $state.raw<Schemas['FoundByWords'][]>([]);
  let message = $state('');
  let input: HTMLInputElement;
  let timer: ReturnType<typeof setTimeout>;
  const answers = new Newest();

  const found = $derived(
    text.trim()
      ? pages.filter((p) => p.name.toLowerCase().startsWith(text.trim().toLowerCase()))
      : [],
  );
  const torque = $derived(answer?.torque);
  const trial = $derived(/Try “(.+)”\.$/.exec(message)?.[1]);
  const joint = $derived(answer?.joint);
  function typed() {
    clearTimeout(timer);
    open = text.trim() !== '';
    timer = setTimeout(() => void look(text.trim()), PAUSE_MS);
  }

  interface Answer {
    answer: Schemas['QuestionResponse'] | null;
    hits: Schemas['FoundByWords'][];
    tools: Schemas['CribChoice'][] | null;
    message: string;
  }
  const show = (fresh: Answer) => ({ answer, hits, tools, message } = fresh);

  async function look(text: string) {
    if (!text) return;
    await answers.ask(
      () => find(text),
      show,
      (e) => (message = asTrouble(e).detail),
    );
  }

  async function find(text: string): Promise<Answer> {
    const got: Answer = { answer: null, hits: [], tools: null, message: '' };
    try {
      if (/[\d½¼¾⅛⅜⅝⅞]|snug|hand|gap/i.test(text)) {
        got.answer = await ask(api.POST('/api/compute/question', { body: { text } }));
      }
    } catch (e) {
      got.message = asTrouble(e).detail;
    }
    try {
      if (here.person && got.answer?.wanted) got.tools = await inTheCrib(got.answer.wanted);
      if (here.person && !got.answer) {
        const machineId = machineInHand();
        const params = { query: { q: text, ...(machineId ? { machineId } : {}) } };
        got.hits = await ask(api.GET('/api/find', { params }));
      }
    } catch (e) {
      got.message = asTrouble(e).detail;
    }
    return got;
  }

  /** What hangs in the workshop for this; an adapter named in the line is on none of them. */
  async function inTheCrib(wanted: Schemas['WantedSetting']) {
    if (wanted.adapter) return null;
    const query = { ...wanted, adapter: undefined };
    return await ask(api.GET('/api/crib/choices', { params: { query } }));
  }

  async function enter(e: KeyboardEvent) {
    if (e.key === 'Escape') {
      open = false;
      input.blur();
    }
    if (e.key === 'Enter') {
      clearTimeout(timer);
      await look(text.trim());
      const page = found[0];
      const hit = hits[0];
      if (page) go(page.href);
      else if (joint) toDesk();
      else if (hit) toHit(hit);
    }
  }

  function go(href: string, search?: string) {
    open = false;
    text = '';
    answer = null;
    tools = null;
    void navigate(href as '/', search ? { search } : undefined);
  }

  function toHit(hit: Schemas['FoundByWords']) {
    const at = partsOf(hit.path);
    go(at.page, at.query);
    goTo(at.id);
  }

  function toDesk() {
    if (joint) {
      const stated = torque?.stated.replace('–', '-');
      go('/desk', toQuery(ofJoint(joint.request, joint.thread, stated)));
    }
  }

  function slash(e: KeyboardEvent) {
    const typing =
      e.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(e.target.tagName);
    if (e.key === '/' && !typing) {
      e.preventDefault();
      input.focus();
    }
  }
</script>

<svelte:window onkeydown={slash} />
<div class="ask">
  <input
    bind:this={input}
    bind:value={text}
    oninput={typed}
    onkeydown={enter}
    onfocus={() => (open = text.trim() !== '')}
    aria-label="Ask: a torque, a joint, a setting, a job, a product, a machine, a page"
    aria-keyshortcuts="/"
    placeholder="Ask: 12 ftlb · M8 8.8 into aluminium · 10-12 Nm on a 5-25 tool · front pads · due"
    maxlength="200"
    autocomplete="off"
    spellcheck="false"
  />
  <kbd aria-hidden="true">/</kbd>
  {#if open}
    <div class="answer" role="status">
      {#if answer}<AskedAnswer {answer} />{/if}
      {#if joint}
        <button type="button" onclick={toDesk}>Open at the joint desk <span>Enter</span></button>
      {/if}
      {#if tools}
        {@const best = tools.find((t) => t.usable)}
        <p class="crib">
          {#if best}
            <span class="soft">In the crib:</span>
            {best.name},
            <strong class="figure">{best.setting}</strong>
            {#if best.status === 'SPILLS'}<span class="warn">{best.reasons[0]}</span>{/if}
          {:else if tools.length}
            <span class="warn"
              >No tool of the crib fits. {tools[0]?.name}: {tools[0]?.reasons[0]}</span
            >
          {:else}
            <span class="soft">No tool of this span hangs in the crib.</span>
          {/if}
        </p>
      {/if}
      {#each found as page (page.href)}
        <button type="button" onclick={() => go(page.href)}>{page.name} <span>page</span></button>
      {/each}
      {#each hits as hit (hit.path + hit.title + hit.detail)}
        <button type="button" onclick={() => toHit(hit)}>
          {hit.title} <span>{KINDS[hit.kind]} {hit.detail}</span>
        </button>
      {/each}
      {#if !answer && !hits.length && !found.length}
        <p class="soft">{message || 'Nothing found yet; a torque needs a figure and a unit.'}</p>
        {#if trial}
          <button
            type="button"
            onclick={() => {
              text = trial;
              typed();
              input.focus();
            }}>{trial} <span>works</span></button
          >
        {/if}
      {/if}
    </div>
  {/if}
</div>

<style>
  .ask {
    position: relative;
    flex: 1;
  }
  input {
    width: 100%;
    min-height: 2.5rem;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--hairline);
    color: var(--ink);
    font: inherit;
    font-size: 1rem;
    padding: 0 2rem 0 0.25rem;
  }
  input::placeholder {
    color: var(--ink-soft);
    opacity: 1;
  }
  kbd {
    position: absolute;
    right: 0.5rem;
    top: 0.6rem;
    border: 1px solid var(--hairline);
    padding: 0 0.4rem;
    color: var(--ink-soft);
    font: inherit;
    font-size: 0.75rem;
  }
  .answer {
    position: absolute;
    z-index: 8;
    inset: 100% 0 auto 0;
    background: var(--raised);
    border: 1px solid var(--hairline);
    border-top: 0;
    padding: 0.75rem;
    max-width: 44rem;
  }
  .crib {
    margin-top: 0.5rem;
    border-top: 1px solid var(--hairline-soft);
    padding-top: 0.5rem;
  }
  button {
    display: block;
    width: 100%;
    text-align: left;
    min-height: 2.5rem;
    background: none;
    border: 0;
    border-top: 1px solid var(--hairline-soft);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
  }
  button span {
    color: var(--ink-soft);
  }
</style>
