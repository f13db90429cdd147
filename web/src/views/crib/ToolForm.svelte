<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  type Typed = Schemas['TypedTool'];
  interface Props {
    types: Schemas['TypeChoice'][];
    /** The tool that is changed; a new one without it. */
    tool?: Schemas['ToolCard'];
    taken: (page: Schemas['CribPage']) => void;
  }
  let { types, tool, taken }: Props = $props();
  const DRAFT = untrack(() => `crib.${tool?.id ?? 'new'}`);
  const fresh = (): Typed & { calibratedOn: string; cycles: string } => ({
    name: '',
    type: 'CLICK',
    unit: here.workshop?.unit ?? 'N.m',
    min: '',
    max: '',
    graduation: '',
    deviation: '',
    presets: '',
    leftHand: false,
    adapterLever: '',
    adapterExtension: '',
    adapterAngle: '',
    calibratedOn: '',
    cycles: '',
  });
  let typed = $state(
    untrack(() => ({
      ...fresh(),
      ...tool?.typed,
      ...(JSON.parse(kept(DRAFT) || '{}') as Partial<Typed>),
    })),
  );
  $effect(() => keep(DRAFT, JSON.stringify(typed)));
  const sending = new Submission();
  const at = (field: RegExp) => sending.at(field) || undefined;
  const sign = $derived(here.units.find((u) => u.code === typed.unit)?.sign ?? '');

  async function send(e: SubmitEvent) {
    e.preventDefault();
    const { calibratedOn, cycles, ...fields } = $state.snapshot(typed);
    await sending.send(
      [typed, tool?.version],
      (id) =>
        tool
          ? ask(
              api.POST('/api/crib/tools/{id}', {
                params: { path: { id: tool.id } },
                body: { version: tool.version, tool: fields },
              }),
            )
          : ask(
              api.POST('/api/crib/tools', {
                body: { id, tool: fields, cycles, ...(calibratedOn ? { calibratedOn } : {}) },
              }),
            ),
      (page) => {
        if (!tool) typed = fresh();
        keep(DRAFT, '');
        taken(page);
      },
    );
  }
</script>

<form onsubmit={send} aria-label={tool ? `Change ${tool.typed.name}` : 'A torque tool'}>
  <Field
    label="What you call it"
    hint="Half-inch click"
    bind:value={typed.name}
    message={at(/^name$/)}
  />
  <Field label="It is" bind:value={typed.type}>
    {#snippet options()}
      {#each types as type (type.code)}<option value={type.code}>{type.words}</option>{/each}
    {/snippet}
  </Field>
  <Field label="Its scale is in" bind:value={typed.unit} message={at(/^unit$/)}>
    {#snippet options()}
      {#each here.units as unit (unit.code)}<option value={unit.code}>{unit.sign}</option>{/each}
    {/snippet}
  </Field>
  <Field
    label="Largest torque, {sign}"
    bind:value={typed.max}
    inputmode="decimal"
    message={at(/^max/)}
  />
  <Field
    label="Smallest trusted, {sign}"
    hint="empty: a fifth of it"
    bind:value={typed.min}
    inputmode="decimal"
    message={at(/^min/)}
  />
  <Field
    label="Between two marks, {sign}"
    hint="empty: any value"
    bind:value={typed.graduation}
    inputmode="decimal"
    message={at(/^graduation/)}
  />
  <Field
    label="Certified to ± %"
    hint="empty: usual for its type"
    bind:value={typed.deviation}
    inputmode="decimal"
    message={at(/^deviation/)}
  />
  {#if typed.type === 'PRESET' || typed.presets}
    <Field
      label="The values it offers, {sign}"
      hint="4 5 6"
      bind:value={typed.presets}
      message={at(/^presets/)}
    />
  {/if}
  <label class="tick">
    <input type="checkbox" bind:checked={typed.leftHand} /> rated for turning left-handed too
  </label>
  {#if !tool}
    <div>
      <label for="{DRAFT}-on">Last calibrated on</label>
      <input id="{DRAFT}-on" type="date" bind:value={typed.calibratedOn} />
      {#if at(/^calibratedOn/)}<p class="bad">{at(/^calibratedOn/)}</p>{/if}
    </div>
    <Field
      label="Uses since, about"
      hint="empty: none"
      bind:value={typed.cycles}
      inputmode="numeric"
      message={at(/^cycles/)}
    />
  {/if}
  <details class="adapter" open={typed.adapterLever !== ''}>
    <summary>A crowfoot or extension stays on it</summary>
    <div class="grid">
      <Field
        label="Drive to mid-grip"
        hint="450 mm or 17.7 in"
        bind:value={typed.adapterLever}
        message={at(/^adapterLever|leverMm/)}
      />
      <Field
        label="Drive to the fastener"
        hint="40 mm"
        bind:value={typed.adapterExtension}
        message={at(/^adapterExtension|extensionMm/)}
      />
      <Field
        label="Angle from straight out, °"
        hint="0; 90 makes no difference"
        bind:value={typed.adapterAngle}
        message={at(/^adapterAngle|angleDeg/)}
      />
    </div>
  </details>
  <Button type="submit" size="field" kind="tertiary" disabled={sending.busy || !typed.name.trim()}>
    {sending.busy ? 'Writing …' : tool ? 'Change it' : 'Into the crib'}
  </Button>
</form>
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  form,
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 0.75rem;
    align-items: end;
  }
  form {
    padding: 0.5rem 0 0.75rem;
    max-width: 64rem;
  }
  .adapter {
    grid-column: 1 / -1;
  }
  .adapter summary {
    cursor: pointer;
    color: var(--copper);
    min-height: 2.5rem;
    line-height: 2.5rem;
  }
  .tick {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 2.5rem;
  }
  label {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .tick {
    font-size: 0.875rem;
    color: var(--ink);
  }
  input[type='date'] {
    width: 100%;
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    padding: 0 0.5rem;
  }
</style>
