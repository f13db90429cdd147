<script lang="ts">
  import { CheckmarkOutline, Misuse, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { moment } from '../../joint/figures';
  import { addressOf } from '../fit/state';

  let { fits, machineId }: { fits: Schemas['KeptFit'][]; machineId: string } = $props();
  const MARKS = { FITS: CheckmarkOutline, TOO_CLOSE: WarningAlt, DOES_NOT: Misuse };
  const TONES = { FITS: 'good', TOO_CLOSE: 'warn', DOES_NOT: 'bad' };
  const TAKEN = { FOUND: 'as found', LEFT: 'as left' };
</script>

<ul class="lines">
  {#each fits as kept (kept.id)}
    {@const verdict = kept.fit.verdict}
    <li>
      <a href={addressOf(kept.call, kept.fit.state, { machine: machineId })}>{kept.what}</a>
      <span class="soft">{TAKEN[kept.taken]}, {moment(kept.at)}, {kept.by}</span>
      <p class={verdict ? TONES[verdict] : ''}>
        {#if verdict}{@const Mark = MARKS[verdict]}<Mark size={16} />{/if}
        {kept.fit.said[0]}
        {kept.note}
      </p>
    </li>
  {:else}
    <li class="soft">
      Nothing was measured yet. <a href="/fit?machine={machineId}">To the fit desk</a>
    </li>
  {/each}
</ul>
