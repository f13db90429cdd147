<script lang="ts">
  import { Button } from 'carbon-components-svelte';
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
  let typed = $state({ massKg: '', massOffKg: '', arm: '', armOff: '', angleDeg: '', reading: '' });
  const sending = new Submission();
  const at = (field: RegExp) => sending.at(field) || undefined;
  const sign = $derived(here.units.find((u) => u.code === tool.typed.unit)?.sign ?? '');

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      typed,
      (id) =>
        ask(
          api.POST('/api/crib/tools/{id}/checks', {
            params: { path: { id: tool.id } },
            body: { id, ...typed },
          }),
        ),
      taken,
    );
  }
</script>

<form onsubmit={send} aria-label="Check {tool.typed.name} with a known mass">
  <Field label="Mass, kg" bind:value={typed.massKg} inputmode="decimal" message={at(/^massKg/)} />
  <Field
    label="… sure to ±, kg"
    hint="0.02"
    bind:value={typed.massOffKg}
    inputmode="decimal"
    message={at(/^massOffKg/)}
  />
  <Field
    label="Arm, drive to where it hangs"
    hint="450 mm"
    bind:value={typed.arm}
    message={at(/^armMm/)}
  />
  <Field label="… sure to ±" hint="1 mm" bind:value={typed.armOff} message={at(/^armOff/)} />
  <Field
    label="Arm from level, °"
    hint="0"
    bind:value={typed.angleDeg}
    inputmode="decimal"
    message={at(/^angleDeg/)}
  />
  <Field
    label="The tool said, {sign}"
    hint="shown, or set when it clicked"
    bind:value={typed.reading}
    inputmode="decimal"
    message={at(/^reading/)}
  />
  <Button type="submit" size="field" kind="tertiary" disabled={sending.busy}>
    {sending.busy ? 'Judging …' : 'Judge and keep it'}
  </Button>
</form>
<p class="soft">
  The arm level, the mass hanging free, nobody’s feet under it. A check tells a tool that is astray;
  it does not take the place of a calibration.
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
</style>
