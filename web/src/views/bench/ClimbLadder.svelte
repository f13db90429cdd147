<script lang="ts">
  import { CheckmarkOutline, CloseOutline } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { inUnit } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';

  interface Props {
    torques: Schemas['ClimbedTorque'][];
    joint: Schemas['RunJoint'];
  }
  let { torques, joint }: Props = $props();
</script>

{#if torques.length}
  <ol class="climb" aria-label="Climbed to hold">
    {#each torques as t (t.stepId)}
      <li class:now={t.now} aria-current={t.now ? 'step' : undefined}>
        <span class="figure"
          >{t.settingNm === undefined ? '' : inUnit(t.settingNm, reading.unit)}</span
        >
        {#if t.held}
          <span class="held"><CheckmarkOutline size={16} /> held</span>
        {:else if t.slipped}
          <span class="slipped"><CloseOutline size={16} /> slipped</span>
        {:else if t.now}
          <span>now</span>
        {/if}
      </li>
    {/each}
    {#if joint.band}
      <li class="limit">
        <span>limit</span>
        <span class="figure">{inUnit(joint.band.maxNm, reading.unit)} {reading.unit.sign}</span>
      </li>
    {/if}
  </ol>
{/if}

<style>
  .climb {
    display: flex;
    flex-wrap: wrap;
    list-style: none;
    padding: 0;
    margin: 0.25rem 0;
  }
  li {
    display: flex;
    gap: 0.375rem;
    align-items: center;
    padding: 0.25rem 0.75rem;
    border-bottom: 3px solid var(--hairline);
    font-size: 1.125rem;
  }
  li.now {
    border-bottom-color: var(--copper);
    font-weight: 600;
  }
  li.limit {
    border-bottom-color: var(--bad);
    color: var(--ink-soft);
  }
  .held,
  .slipped {
    display: inline-flex;
    gap: 0.25rem;
    align-items: center;
  }
  .held :global(svg) {
    fill: var(--good);
  }
  .slipped :global(svg) {
    fill: var(--warn);
  }
</style>
