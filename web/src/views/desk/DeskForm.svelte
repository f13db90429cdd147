<script lang="ts">
  import type { Schemas } from '../../api/client';
  import DeskField from './DeskField.svelte';
  import type { DeskState } from './state';

  interface Props {
    desk: DeskState;
    choices: Schemas['ChoicesResponse'];
    messages: Partial<Record<keyof DeskState, string>>;
    changed: () => void;
  }
  let { desk = $bindable(), choices, messages, changed }: Props = $props();
  const thread = $derived(choices.threads.find((t) => t.name === desk.thread));
  const friction = $derived(choices.conditions.find((c) => c.code === desk.condition));
  const any = (...keys: (keyof DeskState)[]) => keys.some((k) => desk[k] !== '');
</script>

<form onsubmit={(e) => e.preventDefault()} oninput={changed} onchange={changed}>
  <DeskField
    label="Torque as stated"
    bind:value={desk.torque}
    message={messages.torque}
    hint="22 Nm · 16-18 ftlb · max 5 Nm"
    wide
  />
  <label class="field">
    <span>Thread</span>
    <select bind:value={desk.thread}>
      {#each choices.threads as t (t.name)}
        <option value={t.name}>{t.name}{t.note ? `, ${t.note}` : ''}</option>
      {/each}
    </select>
    {#if thread?.hand === 'LEFT'}
      <span class="warn">Left-hand: tighten counter-clockwise</span>
    {/if}
    {#if messages.thread}<span class="bad">{messages.thread}</span>{/if}
  </label>
  <div class="two">
    <label class="field">
      <span>Class</span>
      <select bind:value={desk.mark}>
        {#each choices.classes as c (c.mark)}<option value={c.mark}>{c.mark}</option>{/each}
        <option value="">own figures</option>
      </select>
    </label>
    <label class="field">
      <span>Head</span>
      <select bind:value={desk.head}>
        {#each choices.heads as h (h.code)}<option value={h.code}>{h.words}</option>{/each}
      </select>
    </label>
  </div>
  {#if desk.mark === ''}
    <div class="two">
      <DeskField label="Yield, MPa" bind:value={desk.yield} message={messages.yield} />
      <DeskField label="Ultimate, MPa" bind:value={desk.ultimate} message={messages.ultimate} />
    </div>
  {/if}
  <label class="field">
    <span>Threads are</span>
    <select bind:value={desk.condition}>
      {#each choices.conditions as c (c.code)}<option value={c.code}>{c.words}</option>{/each}
    </select>
    {#if friction}
      <span class="soft figure">μ {friction.min} / {friction.nominal} / {friction.max}</span>
    {/if}
  </label>
  <div class="two">
    <label class="field">
      <span>Screwed into</span>
      <select bind:value={desk.into}>
        <option value="">not known</option>
        {#each choices.materials as m (m.code)}<option value={m.code}>{m.words}</option>{/each}
      </select>
    </label>
    <DeskField label="Full thread, mm" bind:value={desk.length} message={messages.length} />
  </div>
  <details open={any('grip', 'outer', 'young', 'interfaces')}>
    <summary>Clamped parts</summary>
    <div class="two">
      <DeskField label="Grip, mm" bind:value={desk.grip} message={messages.grip} />
      <DeskField label="Width round it, mm" bind:value={desk.outer} message={messages.outer} />
      <DeskField
        label="E, MPa"
        bind:value={desk.young}
        message={messages.young}
        hint="steel when empty"
      />
      <DeskField label="Inner faces" bind:value={desk.interfaces} message={messages.interfaces} />
      <DeskField label="Stands, MPa" bind:value={desk.pressure} message={messages.pressure} />
    </div>
  </details>
  <details open={any('axial', 'transverse', 'slip')}>
    <summary>Loads in use, one bolt</summary>
    <div class="two">
      <DeskField label="Pulling apart, N" bind:value={desk.axial} message={messages.axial} />
      <DeskField label="Shifting, N" bind:value={desk.transverse} message={messages.transverse} />
      <DeskField label="Friction there" bind:value={desk.slip} message={messages.slip} />
    </div>
  </details>
  <details open={any('prevailing', 'deviation', 'utilisation')}>
    <summary>Tool and thread</summary>
    <div class="two">
      <DeskField label="Tool, ± %" bind:value={desk.deviation} message={messages.deviation} />
      <DeskField
        label="Prevailing, N·m"
        bind:value={desk.prevailing}
        message={messages.prevailing}
      />
      <DeskField
        label="Of yield, %"
        bind:value={desk.utilisation}
        message={messages.utilisation}
        hint="90 when empty"
      />
    </div>
  </details>
  <details open={any('count')}>
    <summary>A group of them</summary>
    <div class="two">
      <DeskField label="How many" bind:value={desk.count} message={messages.count} />
      <label class="field">
        <span>Layout</span>
        <select bind:value={desk.layout}>
          {#each choices.layouts as c (c.code)}<option value={c.code}>{c.words}</option>{/each}
        </select>
      </label>
      <DeskField label="Passes" bind:value={desk.passes} message={messages.passes} />
      <DeskField
        label="Spacing, mm"
        bind:value={desk.spacing}
        message={messages.spacing}
        hint="not known"
      />
      <DeskField
        label="Wanted spread, %"
        bind:value={desk.spread}
        message={messages.spread}
        hint="5 when empty"
      />
    </div>
  </details>
  <details open={any('tube', 'clampWidth')}>
    <summary>A tube they clamp</summary>
    <div class="two">
      <DeskField label="Tube, mm" bind:value={desk.tube} message={messages.tube} hint="31.8" />
      <DeskField
        label="Clamp width, mm"
        bind:value={desk.clampWidth}
        message={messages.clampWidth}
        hint="along the tube"
      />
      <label class="field">
        <span>Closes by</span>
        <select bind:value={desk.clampStyle}>
          {#each choices.clampStyles as c (c.code)}<option value={c.code}>{c.words}</option>{/each}
        </select>
      </label>
      <DeskField label="Bolts in all" bind:value={desk.clampBolts} message={messages.clampBolts} />
      <DeskField
        label="Friction on the tube"
        bind:value={desk.clampFriction}
        message={messages.clampFriction}
      />
      <DeskField label="Stands, MPa" bind:value={desk.tubeStands} message={messages.tubeStands} />
      <DeskField label="Only a maximum, N·m" bind:value={desk.tubeMax} message={messages.tubeMax} />
      <DeskField
        label="Gaps, mm"
        bind:value={desk.gaps}
        message={messages.gaps}
        hint="2.1 2.3 2.2 2.2"
      />
      {#if desk.clampStyle === 'FACEPLATE'}
        <label class="field">
          <span>Meant to close</span>
          <select bind:value={desk.gapStyle}>
            {#each choices.gapStyles as c (c.code)}<option value={c.code}>{c.words}</option>{/each}
          </select>
        </label>
      {/if}
    </div>
  </details>
</form>

<style>
  form {
    display: grid;
    gap: 0.625rem;
    margin-top: 0.75rem;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.625rem;
    align-items: start;
  }
  .field > span:first-child {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  select {
    width: 100%;
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    padding: 0 0.5rem;
  }
  summary {
    cursor: pointer;
    min-height: 2.5rem;
    line-height: 2.5rem;
    color: var(--copper);
  }
  details[open] {
    padding-bottom: 0.5rem;
  }
</style>
