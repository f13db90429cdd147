<script lang="ts">
  import { Checkmark, ErrorFilled, WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { day, plain, thousands } from '../../joint/figures';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import Calibrate from './Calibrate.svelte';
  import CheckMass from './CheckMass.svelte';
  import ToolForm from './ToolForm.svelte';

  type Page = Schemas['CribPage'];
  interface Props {
    tool: Schemas['ToolCard'];
    types: Schemas['TypeChoice'][];
    taken: (page: Page) => void;
  }
  let { tool, types, taken }: Props = $props();
  let doing = $state<'' | 'calibrate' | 'check' | 'edit'>('');
  const sending = new Submission();
  const unit = $derived(here.units.find((u) => u.code === tool.typed.unit));
  const span = $derived(
    unit
      ? `${plain(tool.minNm / unit.newtonMetres)}–${plain(tool.maxNm / unit.newtonMetres)} ${unit.sign}`
      : '',
  );
  type Kind = Schemas['NewHappening']['kind'];
  const happened = (kind: Kind) =>
    sending.send(
      [tool.id, kind, tool.log.length],
      (id) =>
        ask(
          api.POST('/api/crib/tools/{id}/happenings', {
            params: { path: { id: tool.id } },
            body: { id, kind, note: '' },
          }),
        ),
      taken,
    );
  const done = (page: Page) => {
    doing = '';
    taken(page);
  };
</script>

<details>
  <summary>
    <strong>{tool.typed.name}</strong>
    <span class="soft">{tool.typeWords}</span>
    <span class="figure">{span}</span>
    <span class="soft figure">± {plain(tool.deviationPercent)} %</span>
    {#if tool.retired}
      <span class="soft">no longer here</span>
    {:else if tool.out}
      <span class="bad stand"><ErrorFilled size={16} /> out of use: {tool.out}</span>
    {:else if !tool.inCalibration}
      <span class="warn stand"
        ><WarningAlt size={16} />
        {tool.due
          ? tool.usesLeft === 0
            ? 'its uses are up, calibrate it'
            : `calibration ended ${day(tool.due)}`
          : 'never calibrated'}</span
      >
    {:else if tool.due}
      <span class="good stand"><Checkmark size={16} /> good until {day(tool.due)}</span>
      <span class="soft figure">or {thousands(tool.usesLeft)} more uses</span>
    {/if}
  </summary>
  <div class="inside">
    <p class="soft">
      {tool.typed.leftHand ? 'Turns both ways.' : 'Right-hand only.'}
      {#if tool.typed.graduation}Marks every {tool.typed.graduation} {unit?.sign}.{/if}
      {#if tool.typed.presets}Offers {tool.typed.presets} {unit?.sign}.{/if}
      {#if tool.typed.adapterLever}
        Carries an adapter: {tool.typed.adapterLever} mm to mid-grip, {tool.typed.adapterExtension} mm
        to the fastener at {tool.typed.adapterAngle || 0}°.
      {/if}
      {thousands(tool.cycles)} uses since its calibration.
    </p>
    {#if here.mayWork}
      <div class="acts">
        {#if tool.retired}
          <button class="quiet" type="button" onclick={() => void happened('BACK')}>
            Back in the crib
          </button>
        {:else}
          <button class="quiet" type="button" onclick={() => (doing = 'calibrate')}>
            Enter a certificate
          </button>
          <button class="quiet" type="button" onclick={() => (doing = 'check')}>
            Check with a known mass
          </button>
          <button class="quiet" type="button" onclick={() => void happened('DROPPED')}>
            It was dropped
          </button>
          <button class="quiet" type="button" onclick={() => void happened('OVERLOADED')}>
            It was overloaded
          </button>
          <button class="quiet" type="button" onclick={() => (doing = 'edit')}>Change it</button>
          <button class="quiet" type="button" onclick={() => void happened('RETIRED')}>
            Retire it
          </button>
        {/if}
      </div>
    {/if}
    {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
    {#if doing === 'calibrate'}<Calibrate {tool} taken={done} />{/if}
    {#if doing === 'check'}<CheckMass {tool} taken={done} />{/if}
    {#if doing === 'edit'}<ToolForm {tool} {types} taken={done} />{/if}
    <ol>
      {#each tool.log as e (e.id)}
        <li>
          <span class="soft">{day(e.on)}</span>
          <span class:bad={!e.passed}>{e.kindWords}</span>
          {e.words}
          {#if e.saidBy}<span class="soft">{e.saidBy}</span>{/if}
        </li>
      {:else}
        <li class="soft">Nothing is written down of it yet.</li>
      {/each}
    </ol>
  </div>
</details>

<style>
  summary {
    display: grid;
    grid-template-columns: minmax(11rem, 16rem) 7rem 9rem 3.5rem auto 1fr;
    gap: 0 1rem;
    align-items: center;
    min-height: 2.5rem;
    cursor: pointer;
  }
  .stand {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
  }
  @media (max-width: 640px) {
    summary {
      display: flex;
      flex-wrap: wrap;
    }
  }
  .inside {
    padding: 0 0 0.5rem 1rem;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.5rem;
    padding: 0.25rem 0;
  }
  ol {
    list-style: none;
    font-size: 0.8125rem;
    padding-top: 0.5rem;
  }
  ol li {
    padding: 0.125rem 0;
  }
</style>
