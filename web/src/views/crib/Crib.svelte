<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import Loaded from '../../shell/Loaded.svelte';
  import BringSheet from '../bring/BringSheet.svelte';
  import CoverageRail from './CoverageRail.svelte';
  import HandTools from './HandTools.svelte';
  import Tool from './Tool.svelte';
  import ToolForm from './ToolForm.svelte';

  type Page = Schemas['CribPage'];
  let coverage = $state.raw<Schemas['CoveragePage'] | null>(null);
  async function load(): Promise<Page> {
    const page = await ask(api.GET('/api/crib'));
    coverage = await ask(api.GET('/api/crib/coverage'));
    return page;
  }
  async function taken(page: Page, show: (page: Page) => void) {
    show(page);
    coverage = await ask(api.GET('/api/crib/coverage'));
  }
</script>

<svelte:head><title>Crib · Unimetric</title></svelte:head>
<Loaded {load}>
  {#snippet children(page, show)}
    {@const there = page.tools.filter((t) => !t.retired)}
    {@const gone = page.tools.filter((t) => t.retired)}
    {@const again = (fresh: Page) => void taken(fresh, show)}
    <h1>Crib</h1>
    <h2>What the tools cover</h2>
    {#if coverage}<CoverageRail tools={there} {coverage} />{/if}

    <h2>Torque tools</h2>
    {#if there.length === 0}
      <p class="soft">
        No torque tool yet. Bring in the first with what stands on it and on its certificate:
        critical joints need one in calibration, and a plan tells which scale mark to set.
      </p>
    {/if}
    <ul class="lines">
      {#each there as tool (tool.id)}<li>
          <Tool {tool} types={page.types} taken={again} />
        </li>{/each}
    </ul>
    {#if here.may('KEEP_TOOLS')}
      <details class="fold" open={there.length === 0}>
        <summary>Bring a torque tool in</summary>
        <ToolForm types={page.types} taken={again} />
      </details>
    {/if}
    {#if here.may('BRING_SHEETS')}
      <BringSheet kind="TOOLS">
        name, type (click, beam, dial, digital, preset, screwdriver, or hand tool for a key, socket
        or special tool), and as they stand on the tool unit, min, max, graduation, deviation,
        presets, left hand, adapter lengths, calibrated on, uses.
      </BringSheet>
    {/if}
    {#if page.tools.length + page.handTools.length > 0}
      <p><a href="/api/sheets/of-TOOLS.csv" download>All of the crib as a sheet (CSV)</a></p>
    {/if}
    {#if gone.length}
      <details class="fold">
        <summary>No longer here ({gone.length})</summary>
        <ul class="lines">
          {#each gone as tool (tool.id)}
            <li><Tool {tool} types={page.types} taken={again} /></li>
          {/each}
        </ul>
      </details>
    {/if}

    <h2>Keys, sockets and special tools</h2>
    <HandTools said={page.handTools} again={async () => again(await ask(api.GET('/api/crib')))} />
  {/snippet}
</Loaded>
