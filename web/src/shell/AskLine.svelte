<script lang="ts">
  import { api, ask, asTrouble, type Schemas } from '../api/client';
  import { Newest } from '../api/newest';
  import { here } from '../api/session.svelte';
  import { inUnit, plain, sign } from '../joint/figures';
  import TorqueRail from '../joint/TorqueRail.svelte';
  import { reading } from '../joint/unit.svelte';
  import { navigate } from '../router';
  import { ofJoint, toQuery } from '../views/desk/state';

  const pages = [
    { name: 'Today', href: '/' },
    { name: 'Machines', href: '/machines' },
    { name: 'Shelf', href: '/shelf' },
    { name: 'Desk', href: '/desk' },
    { name: 'Log', href: '/log' },
  ] as const;
  const PAUSE_MS = 60;
  const MOST_MACHINES = 6;

  let text = $state('');
  let open = $state(false);
  let answer = $state.raw<Schemas['QuestionResponse'] | null>(null);
  let tools = $state.raw<Schemas['CribChoice'][] | null>(null);
  let machines = $state<Schemas['Machine'][]>([]);
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
  const joint = $derived(answer?.joint);
  const setting = $derived(answer?.setting);
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

  interface Answer {
    answer: Schemas['QuestionResponse'] | null;
    machines: Schemas['Machine'][];
    tools: Schemas['CribChoice'][] | null;
    message: string;
  }
  const show = (fresh: Answer) => ({ answer, machines, tools, message } = fresh);

  async function look(text: string) {
    if (!text) return;
    await answers.ask(
      () => find(text),
      show,
      (e) => (message = asTrouble(e).detail),
    );
  }

  async function find(text: string): Promise<Answer> {
    const got: Answer = { answer: null, machines: [], tools: null, message: '' };
    try {
      if (/\d|snug|hand/i.test(text)) {
        got.answer = await ask(api.POST('/api/compute/question', { body: { text } }));
      }
    } catch (e) {
      got.message = asTrouble(e).detail;
    }
    try {
      if (here.person && got.answer?.wanted) got.tools = await inTheCrib(got.answer.wanted);
      if (here.person && !got.answer) {
        const params = { query: { q: text } };
        got.machines = (await ask(api.GET('/api/machines', { params }))).slice(0, MOST_MACHINES);
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
      const machine = machines[0];
      if (page) go(page.href);
      else if (joint) toDesk();
      else if (machine) go(`/machines/${machine.id}`);
    }
  }

  function go(href: string, search?: string) {
    open = false;
    text = '';
    answer = null;
    tools = null;
    void navigate(href as '/', search ? { search } : undefined);
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
    aria-label="Ask: a torque, a joint, a setting, a machine, a page"
    aria-keyshortcuts="/"
    placeholder="Ask: 12 ftlb · M8 8.8 into aluminium · 10-12 Nm on a 5-25 tool · a machine"
    maxlength="200"
    autocomplete="off"
    spellcheck="false"
  />
  <kbd aria-hidden="true">/</kbd>
  {#if open}
    <div class="answer" role="status">
      {#if setting}
        <p class="stated figure">
          {setting.answer.scale
            ? `${plain(setting.answer.scale.value)} ${sign(here.units, setting.answer.scale.unit)} on the scale`
            : 'This tool cannot be set for it'}
        </p>
        {#if setting.answer.appliedNm}
          <p class="figure">
            brings {plain(setting.answer.appliedNm.nominal)} N·m,
            {plain(setting.answer.appliedNm.low)}–{plain(setting.answer.appliedNm.high)} with the tool’s
            deviation
          </p>
        {/if}
        <p class="soft">{[...setting.answer.reasons, ...(answer?.reasons ?? [])].join(' ')}</p>
      {:else if joint}
        <p class="stated figure">
          {joint.thread}
          {joint.request.propertyClass}: at most {inUnit(joint.answer.ceilingNm, reading.unit)}
          {reading.unit.sign}
        </p>
        <TorqueRail {band} ceilingNm={joint.answer.ceilingNm} unit={reading.unit} size="large" />
        <p class="figure">
          {#if joint.answer.preloadN}
            {torque?.stated}: clamp load {plain(joint.answer.preloadN.nominal / 1000)} kN ({plain(
              joint.answer.preloadN.min / 1000,
            )}–{plain(joint.answer.preloadN.max / 1000)}), {Math.round(
              (joint.answer.utilisation ?? 0) * 100,
            )} % of yield.
          {/if}
        </p>
        <p class="soft">{[...joint.answer.reasons, ...(answer?.reasons ?? [])].join(' ')}</p>
        <button type="button" onclick={toDesk}>Open at the joint desk <span>Enter</span></button>
      {:else if torque}
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
      {#each machines as machine (machine.id)}
        <button type="button" onclick={() => go(`/machines/${machine.id}`)}>
          {machine.name} <span>{machine.model}, {machine.frameNumber}</span>
        </button>
      {/each}
      {#if !answer && !machines.length && !found.length}
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
  .crib {
    margin-top: 0.5rem;
    border-top: 1px solid var(--hairline-soft);
    padding-top: 0.5rem;
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
