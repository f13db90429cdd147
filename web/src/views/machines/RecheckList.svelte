<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { moment } from '../../joint/figures';
  import DueWhen from './DueWhen.svelte';
  import LookAgain from './LookAgain.svelte';
  import RecheckMark from './RecheckMark.svelte';
  import SettleRecheck from './SettleRecheck.svelte';

  type Recheck = Schemas['Recheck'];
  interface Props {
    rechecks: Recheck[];
    settled: (one: Recheck) => void;
  }
  let { rechecks, settled }: Props = $props();
  let open = $state('');
</script>

<ul class="lines">
  {#each rechecks as r (r.id)}
    <li>
      <div class="line">
        <RecheckMark standing={r.standing} outcome={r.outcome} />
        <span>
          {r.joints}
          <span class="soft block">{r.why} {r.jobTitle}, job {r.jobNumber}</span>
        </span>
        <span>
          {#if r.outcome}
            <span class="soft">{r.foundBy}, {r.foundAt ? moment(r.foundAt) : ''}</span>
            {#if r.note}<span class="block">{r.note}</span>{/if}
          {:else}
            <DueWhen recheck={r} />
          {/if}
        </span>
        {#if !r.outcome && here.mayWork}
          <span class="ways">
            {#if r.lookJobId}
              <a href="/jobs/{r.lookJobId}/sheet">Being looked at in job {r.lookJobNumber}</a>
            {:else}
              <LookAgain recheckId={r.id} about={r.joints} />
            {/if}
            <Button
              kind="ghost"
              size="field"
              aria-expanded={open === r.id}
              on:click={() => (open = open === r.id ? '' : r.id)}
            >
              Settle
            </Button>
          </span>
        {/if}
      </div>
      {#if r.moved}
        <p class="moved">
          {r.moved.joint} moved, {r.moved.cause}. {r.moved.load ?? ''}
          {#if r.moved.jobId}
            <a href="/jobs/{r.moved.jobId}/sheet"
              >Taken apart and done again in job {r.moved.jobNumber}</a
            >
          {:else}Looked at again after the next ride.{/if}
        </p>
      {/if}
      {#if open === r.id}
        <SettleRecheck
          recheck={r}
          settled={(one) => {
            open = '';
            settled(one);
          }}
        />
      {/if}
    </li>
  {:else}
    <li class="soft">None. They come with the first signed job.</li>
  {/each}
</ul>

<style>
  .line {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 3fr) minmax(0, 2fr) auto;
    gap: 0.25rem 1rem;
    align-items: center;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
    justify-content: flex-end;
  }
  .block {
    display: block;
  }
  .moved {
    padding: 0.25rem 0 0.5rem;
  }
  @media (max-width: 640px) {
    .line {
      grid-template-columns: 1fr;
    }
  }
</style>
