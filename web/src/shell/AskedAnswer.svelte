<script lang="ts">
  import type { Schemas } from '../api/client';
  import { here } from '../api/session.svelte';
  import { inUnit, plain, sign } from '../joint/figures';
  import TorqueRail from '../joint/TorqueRail.svelte';
  import { reading } from '../joint/unit.svelte';

  interface Props {
    answer: Schemas['QuestionResponse'];
  }
  let { answer }: Props = $props();
  const torque = $derived(answer.torque);
  const joint = $derived(answer.joint);
  const setting = $derived(answer.setting);
  const band = $derived.by(() => {
    const nm = torque?.in['N.m'];
    if (!nm) return undefined;
    const low = nm.value ?? nm.min ?? nm.max;
    const high = nm.value ?? nm.max ?? nm.min;
    return low === undefined || high === undefined ? undefined : { minNm: low, maxNm: high };
  });
  const figures = (f: Schemas['AskFigures']) =>
    f.value !== undefined
      ? plain(f.value)
      : [f.min, f.max]
          .map((n) => (n === undefined ? '' : plain(n)))
          .filter(Boolean)
          .join('–');
  const told = $derived(answer.toldIn && torque?.in[answer.toldIn]);
</script>

{#if setting}
  <p class="stated figure">
    {setting.answer.scale
      ? `${plain(setting.answer.scale.value)} ${sign(here.units, setting.answer.scale.unit)} on the scale`
      : 'This tool cannot be set for it'}
  </p>
  {#if setting.answer.appliedNm}
    <p class="figure">
      brings {plain(setting.answer.appliedNm.nominal)} N·m,
      {plain(setting.answer.appliedNm.low)}–{plain(setting.answer.appliedNm.high)} with the tool’s deviation
    </p>
  {/if}
  <p class="soft">{[...setting.answer.reasons, ...answer.reasons].join(' ')}</p>
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
  <p class="soft">{[...answer.reasons, ...joint.answer.reasons].join(' ')}</p>
{:else if torque}
  <p class="stated">
    {torque.stated}
    {#if told && answer.toldIn}= {figures(told)} {sign(here.units, answer.toldIn)}{/if}
  </p>
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
  <p class="soft">{[...answer.reasons, ...torque.reasons].join(' ')}</p>
{:else}
  <p>{answer.reasons.join(' ')}</p>
{/if}

<style>
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
</style>
