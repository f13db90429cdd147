<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    tool: Schemas['ToolCard'];
    taken: (page: Schemas['CribPage']) => void;
  }
  let { tool, taken }: Props = $props();
  const id = $props.id();
  const fresh = () => ({ set: '', measured: '', stated: '' });
  let on = $state(here.today);
  let certificate = $state('');
  let unit = $state(untrack(() => tool.typed.unit));
  let points = $state([fresh(), fresh(), fresh()]);
  const sending = new Submission();
  const at = (field: RegExp) => sending.at(field) || undefined;

  async function send(e: SubmitEvent) {
    e.preventDefault();
    const filled = points.filter((p) => p.set || p.measured || p.stated);
    await sending.send(
      [on, certificate, unit, filled],
      (newId) =>
        ask(
          api.POST('/api/crib/tools/{id}/calibrations', {
            params: { path: { id: tool.id } },
            body: { id: newId, on, unit, certificate, points: filled },
          }),
        ),
      taken,
    );
  }
</script>

<form onsubmit={send} aria-label="A certificate of {tool.typed.name}">
  <div>
    <label for="{id}-on">Calibrated on</label>
    <input id="{id}-on" type="date" bind:value={on} />
    {#if at(/^on$/)}<p class="bad">{at(/^on$/)}</p>{/if}
  </div>
  <Field
    label="Certificate"
    hint="its number, who wrote it"
    bind:value={certificate}
    message={at(/^certificate$/)}
  />
  <Field label="Figures in" bind:value={unit}>
    {#snippet options()}
      {#each here.units as u (u.code)}<option value={u.code}>{u.sign}</option>{/each}
    {/snippet}
  </Field>
  <div class="points" role="group" aria-label="Points">
    {#each points as point, i (i)}
      <Field
        label="Set, point {i + 1}"
        bind:value={point.set}
        inputmode="decimal"
        message={at(new RegExp(`^points\\[${i}\\]\\.set`))}
      />
      <Field
        label="Measured"
        bind:value={point.measured}
        inputmode="decimal"
        message={at(new RegExp(`^points\\[${i}\\]\\.measured`))}
      />
      <Field
        label="Deviation as printed, %"
        hint="may be empty"
        bind:value={point.stated}
        inputmode="decimal"
        message={at(new RegExp(`^points\\[${i}\\]\\.stated`))}
      />
    {/each}
  </div>
  <button class="quiet" type="button" onclick={() => points.push(fresh())}>Another point</button>
  <Button type="submit" size="field" kind="tertiary" disabled={sending.busy}>
    {sending.busy ? 'Judging …' : 'Judge and keep it'}
  </Button>
</form>
<p class="soft">
  Wanted are points near 20, 60 and 100 % of its maximum. One that fails puts the tool out of use at
  once, also in jobs under way, and what it tightened since it was last good is looked at again.
</p>
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 0.75rem;
    align-items: end;
    max-width: 56rem;
    padding: 0.5rem 0;
  }
  .points {
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: repeat(3, minmax(6rem, 12rem));
    gap: 0.5rem 0.75rem;
    align-items: end;
  }
  label {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  input {
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
