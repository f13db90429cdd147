<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { day, thousands } from '../../joint/figures';

  let { recheck: r }: { recheck: Schemas['Recheck'] } = $props();
  const parts = $derived(
    [
      r.afterFirstRide ? 'after the first ride' : '',
      r.dueAt === undefined ? '' : `at ${thousands(r.dueAt)} ${r.meterSign}`,
      r.onDate === undefined ? '' : `on ${day(r.onDate)}`,
    ].filter(Boolean),
  );
  const meter = $derived(
    r.meterNow === undefined || r.dueAt === undefined
      ? ''
      : `now ${thousands(r.meterNow)} ${r.meterSign}`,
  );
</script>

<span class="figure">{parts.join(' or ')}</span>
{#if meter}<br /><span class="soft figure">{meter}</span>{/if}
