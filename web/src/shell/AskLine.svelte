<script lang="ts">
  import { api, ask, asTrouble, type Schemas } from '../api/client';
  import { here } from '../api/session.svelte';
  import { plain, sign } from '../joint/figures';
  import TorqueRail from '../joint/TorqueRail.svelte';
  import { reading } from '../joint/unit.svelte';
  import { navigate } from '../router';

  const pages = [
    { name: 'Today', href: '/' },
    { name: 'Machines', href: '/machines' },
    { name: 'Log', href: '/log' },
  ] as const;
  const PAUSE_MS = 180;

  let text = $state('');
  let open = $state(false);
  let torque = $state<Schemas['AskResponse'] | null>(null);
  let machines = $state<Schemas['Machine'][]>([]);
  let message = $state('');
  let input: HTMLInputElement;
  let timer: ReturnType<typeof setTimeout>;

  const found = $derived(
    text.trim()
      ? pages.filter((p) => p.name.toLowerCase().startsWith(text.trim().toLowerCase()))
      : [],
  );
  const band = $derived.by(() => {
    const nm = torque?.in['N.m'];
    if (!nm) return undefined;
    const low = nm.value ?? nm.min ?? nm.max;
    const high = nm.value ?? nm.max ?? nm.min;
    return low === undefined || high === undefined ? undefined : { minNm: low, maxNm: high };
  });

  function typed() {
    clearTimeout(timer);
    open = text.trim() !== '';
    timer = setTimeout(() => void look(text.trim()), PAUSE_MS);
  }

  async function look(asked: string) {
    if (!asked) return;
    torque = null;
    message = '';
    machines = [];
    if (/\d|snug|hand/i.test(asked)) {
      try {
        torque = await ask(api.POST('/api/compute/ask', { body: { text: asked } }));
      } catch (e) {
        message = asTrouble(e).detail;
      }
    }
    if (here.person && !torque) {
      try {
        machines = (await ask(api.GET('/api/machines', { params: { query: { q: asked } } }))).slice(
          0,
          6,
        );
      } catch (e) {
        message = asTrouble(e).detail;
      }
    }
  }

  function enter(e: KeyboardEvent) {
    if (e.key === 'Escape') {
      open = false;
      input.blur();
    }
    if (e.key === 'Enter') {
      clearTimeout(timer);
      const page = found[0];
      const machine = machines[0];
      if (page) go(page.href);
      else if (machine) go(`/machines/${machine.id}`);
      else void look(text.trim());
    }
  }

  function go(href: string) {
    open = false;
    text = '';
    void navigate(href as '/');
  }

  function slash(e: KeyboardEvent) {
    const typing =
      e.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(e.target.tagName);
    if (e.key === '/' && !typing) {
      e.preventDefault();
      input.focus();
    }
  }
  const figures = (f: Schemas['AskFigures']) =>
    f.value !== undefined
      ? plain(f.value)
      : [f.min, f.max]
          .map((n) => (n === undefined ? '' : plain(n)))
          .filter(Boolean)
          .join('–');
</script>

<svelte:window onkeydown={slash} />
<div class="ask">
  <input
    bind:this={input}
    bind:value={text}
    oninput={typed}
    onkeydown={enter}
    onfocus={() => (open = text.trim() !== '')}
    aria-label="Ask: a torque, a machine, a page"
    aria-keyshortcuts="/"
    placeholder="Ask: 12 ftlb · 10-12 Nm · max 5 Nm · a machine · a page"
    maxlength="200"
    autocomplete="off"
    spellcheck="false"
  />
  <kbd aria-hidden="true">/</kbd>
  {#if open}
    <div class="answer" role="status">
      {#if torque}
        <p class="stated">{torque.stated}</p>
        {#if band}
          <TorqueRail {band} unit={reading.unit} size="large" />
          <dl>
            {#each Object.entries(torque.in) as [code, f] (code)}
              <div>
                <dd class="figure">{figures(f)}</dd>
                <dt>{sign(here.units, code)}</dt>
              </div>
            {/each}
          </dl>
        {/if}
        <p class="soft">{torque.reasons.join(' ')}</p>
      {/if}
      {#each found as page (page.href)}
        <button type="button" onclick={() => go(page.href)}>{page.name} <span>page</span></button>
      {/each}
      {#each machines as machine (machine.id)}
        <button type="button" onclick={() => go(`/machines/${machine.id}`)}>
          {machine.name} <span>{machine.model}, {machine.frameNumber}</span>
        </button>
      {/each}
      {#if !torque && !machines.length && !found.length}
        <p class="soft">{message || 'Nothing found yet; a torque needs a figure and a unit.'}</p>
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
  .stated {
    font-size: 1.5rem;
    font-variant-numeric: tabular-nums;
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1.5rem;
    margin: 0.25rem 0;
  }
  dd {
    font-size: 1.125rem;
  }
  dl div {
    display: flex;
    gap: 0.375rem;
    align-items: baseline;
  }
  dt {
    color: var(--ink-soft);
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
