<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { day, thousands } from '../../joint/figures';

  let { recheck: r }: { recheck: Schemas['Recheck'] } = $props();
  const parts = $derived(
    [
      r.afterFirstRide ? 'after the first ride' : '',
      r.atKm === undefined ? '' : `at ${thousands(r.atKm)} km`,
      r.atHours === undefined ? '' : `at ${thousands(r.atHours)} h`,
      r.onDate === undefined ? '' : `on ${day(r.onDate)}`,
    ].filter(Boolean),
  );
  const meter = $derived(
    r.meterNow === undefined || (r.atKm === undefined && r.atHours === undefined)
      ? ''
      : `now ${thousands(r.meterNow)} ${r.atHours === undefined ? 'km' : 'h'}`,
  );
</script>

<span class="figure">{parts.join(' or ')}</span>
{#if meter}<br /><span class="soft figure">{meter}</span>{/if}
