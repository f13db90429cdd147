<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import RecheckRules from './RecheckRules.svelte';

  type Page = Schemas['SettingsPage'];
  interface Props {
    page: Page;
    taken: (page: Page) => void;
  }
  let { page, taken }: Props = $props();
  let typed = $state(untrack(() => $state.snapshot(page.now)));
  const sending = new Submission();
  const usual = $derived(page.usual);
  const changed = $derived(JSON.stringify(typed) !== JSON.stringify(page.now));
  const unitSign = (code: string) => here.units.find((u) => u.code === code)?.sign ?? code;
  const aimWords = (code: string) => page.aims.find((a) => a.code === code)?.words ?? code;
  const at = (field: RegExp) => sending.at(field) || undefined;

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      [typed, page.version],
      (id) =>
        ask(api.POST('/api/settings', { body: { id, version: page.version, settings: typed } })),
      async (fresh) => {
        taken(fresh);
        typed = $state.snapshot(fresh.now);
        await here.look();
      },
    );
  }
</script>

{#snippet beside(now: string, was: string, words = was)}
  {#if now !== was}<p class="soft usual">usual: {words}</p>{/if}
{/snippet}

<h2 id="rules">The workshop’s rules</h2>
<p class="soft">
  They hold for plans made from now on; a job under way keeps those it was started with.
  {#if !here.isLead}A lead changes them.{/if}
</p>
<form onsubmit={send} aria-label="The workshop’s rules">
  <fieldset disabled={!here.isLead}>
    <div class="grid">
      <Field label="Name of the workshop" bind:value={typed.name} message={at(/^name$/)} />
      <Field label="Torques are read in" bind:value={typed.unit} message={at(/^unit$/)}>
        {#snippet options()}
          {#each here.units as unit (unit.code)}
            <option value={unit.code}>{unit.sign}</option>
          {/each}
        {/snippet}
        {@render beside(typed.unit, usual.unit, unitSign(usual.unit))}
      </Field>
      <Field label="Its days are those of" bind:value={typed.zone} message={at(/^zone$/)}>
        {#snippet options()}
          <option value="">the machine it runs on</option>
          {#each page.zones as zone (zone)}<option value={zone}>{zone}</option>{/each}
        {/snippet}
      </Field>
      <Field label="Within a stated band, aim at" bind:value={typed.aim}>
        {#snippet options()}
          {#each page.aims as aim (aim.code)}
            <option value={aim.code}>{aim.words}</option>
          {/each}
        {/snippet}
        {@render beside(typed.aim, usual.aim, aimWords(usual.aim))}
      </Field>
      <Field
        label="Band round a single value, ± %"
        bind:value={typed.tolerancePercent}
        inputmode="decimal"
        message={at(/usualPercent|^tolerancePercent/)}
      >
        {@render beside(typed.tolerancePercent, usual.tolerancePercent)}
      </Field>
      <Field
        label="… on critical joints, ± %"
        bind:value={typed.criticalTolerancePercent}
        inputmode="decimal"
        message={at(/criticalPercent|^criticalTolerancePercent/)}
      >
        {@render beside(typed.criticalTolerancePercent, usual.criticalTolerancePercent)}
      </Field>
      <Field
        label="Working alone: look again yourself after, min"
        hint="empty: another person looks"
        bind:value={typed.lookAgainMinutes}
        inputmode="numeric"
        message={at(/lookAgainMinutes|selfAfterMinutes/)}
      />
      <Field label="Currency" bind:value={typed.currency} maxlength={3} message={at(/currency/)} />
      <Field
        label="Where products set it has, °C"
        bind:value={typed.benchC}
        inputmode="decimal"
        message={at(/benchC/)}
      >
        {@render beside(typed.benchC, usual.benchC)}
      </Field>
      <Field label="Decimals in files written out" bind:value={typed.decimals}>
        {#snippet options()}
          <option value="POINT">point: 12.5</option>
          <option value="COMMA">comma: 12,5</option>
        {/snippet}
      </Field>
    </div>
    <h3>Where good people differ</h3>
    <div class="grid wide">
      {#each page.schools as school (school.code)}
        <Field
          label={school.question}
          bind:value={
            () => typed.schools[school.code] ?? '', (id) => (typed.schools[school.code] = id)
          }
        >
          {#snippet options()}
            {#each school.choices as choice (choice.id)}
              <option value={choice.id}>{choice.words}</option>
            {/each}
          {/snippet}
          {@render beside(
            typed.schools[school.code] ?? '',
            usual.schools[school.code] ?? '',
            school.choices[0]?.words,
          )}
        </Field>
      {/each}
    </div>
    <h3>Looking again after a job</h3>
    <RecheckRules
      title="Every job"
      bind:rules={typed.always}
      usual={usual.always}
      at={(i) => at(new RegExp(`^always\\[${i}\\]`))}
    />
    <RecheckRules
      title="Joints that settle: paint, plastic, new brackets, carbon"
      bind:rules={typed.settling}
      usual={usual.settling}
      at={(i) => at(new RegExp(`^settling\\[${i}\\]`))}
    />
    <RecheckRules
      title="Wheels and axles"
      bind:rules={typed.wheel}
      usual={usual.wheel}
      at={(i) => at(new RegExp(`^wheel\\[${i}\\]`))}
    />
    <h3>Who may</h3>
    <p class="soft">
      Confirming values of critical joints, signing critical jobs off, letting stand what a fit
      refused, people and these rules are a lead’s everywhere. Whoever drops a tool always says so.
    </p>
    <ul class="lines">
      {#each page.rights as right (right.code)}
        <li>
          <label class="right">
            <input
              type="checkbox"
              checked={typed.ofLeads.includes(right.code)}
              onchange={(e) => {
                typed.ofLeads = page.rights
                  .map((r) => r.code)
                  .filter((c) =>
                    c === right.code ? e.currentTarget.checked : typed.ofLeads.includes(c),
                  );
              }}
            />
            <span>Only leads {right.words}</span>
            {#if usual.ofLeads.includes(right.code) !== typed.ofLeads.includes(right.code)}
              <span class="soft">
                usual: {usual.ofLeads.includes(right.code) ? 'leads' : 'mechanics and leads'}
              </span>
            {/if}
          </label>
        </li>
      {/each}
    </ul>
    <h3>Signed in for how long, idle minutes</h3>
    <div class="grid">
      <Field
        label="A mechanic"
        bind:value={typed.idleMinutesMechanic}
        inputmode="numeric"
        message={at(/idleMinutesMechanic/)}
      >
        {@render beside(typed.idleMinutesMechanic, usual.idleMinutesMechanic)}
      </Field>
      <Field
        label="A lead"
        bind:value={typed.idleMinutesLead}
        inputmode="numeric"
        message={at(/idleMinutesLead/)}
      >
        {@render beside(typed.idleMinutesLead, usual.idleMinutesLead)}
      </Field>
      <Field
        label="A guest"
        bind:value={typed.idleMinutesGuest}
        inputmode="numeric"
        message={at(/idleMinutesGuest/)}
      >
        {@render beside(typed.idleMinutesGuest, usual.idleMinutesGuest)}
      </Field>
      <Field
        label="Digits of a PIN at least"
        bind:value={typed.leastPin}
        inputmode="numeric"
        message={at(/leastPin/)}
      >
        {@render beside(typed.leastPin, usual.leastPin)}
      </Field>
    </div>
  </fieldset>
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
  {#if here.isLead}
    <div class="acts">
      <Button type="submit" size="field" disabled={sending.busy || !changed}>
        {sending.busy ? 'Setting …' : 'Set from now on'}
      </Button>
      {#if changed}
        <button class="quiet" type="button" onclick={() => (typed = $state.snapshot(page.now))}>
          As it was
        </button>
      {/if}
    </div>
  {/if}
</form>

<style>
  fieldset {
    border: 0;
    min-width: 0;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
    gap: 0.75rem 1.5rem;
    align-items: start;
    max-width: 64rem;
  }
  .grid.wide {
    grid-template-columns: repeat(auto-fill, minmax(min(26rem, 100%), 1fr));
  }
  .right {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.625rem;
    align-items: center;
    min-height: 2.5rem;
  }
  h3 {
    margin: 1.25rem 0 0.5rem;
  }
  .usual {
    font-size: 0.75rem;
  }
  .acts {
    display: flex;
    gap: 1.5rem;
    padding-top: 1rem;
  }
</style>
