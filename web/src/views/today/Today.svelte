<script lang="ts">
  import { UserMultiple } from 'carbon-icons-svelte';
  import MovingIn from './MovingIn.svelte';
  import { api, ask } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { day, moment } from '../../joint/figures';
  import Loaded from '../../shell/Loaded.svelte';
  import ClockQuestion from './ClockQuestion.svelte';
  import DiskFull from './DiskFull.svelte';
  import KeptBenches from './KeptBenches.svelte';
  import LastBackup from './LastBackup.svelte';
  import RecheckMark from '../machines/RecheckMark.svelte';
  import DueWhen from '../machines/DueWhen.svelte';

  const load = () => ask(api.GET('/api/today'));
  const FIRST = 40;
  let all = $state(false);
</script>

<svelte:head><title>Today · Unimetric</title></svelte:head>
<Loaded {load}>
  {#snippet instead(trouble)}<KeptBenches {trouble} />{/snippet}
  {#snippet children(today)}
    <h1>{day(today.day)}</h1>

    <ClockQuestion />
    <DiskFull />
    {#if today.movingIn}<MovingIn so={today.movingIn} />{/if}
    <h2>On the lifts</h2>
    {#if today.jobs.length}
      <ul class="lines">
        {#each all ? today.jobs : today.jobs.slice(0, FIRST) as job (job.jobId)}
          {@const bench = job.standing.station === 'BENCH'}
          <li class="job">
            <a href="/jobs/{job.jobId}/{bench ? 'bench' : 'sheet'}">
              <span class="machine">{job.machineName}</span>
              <span>{job.title} <span class="soft">job {job.number}</span></span>
            </a>
            <span class="standing">
              {#if bench}
                {job.standing.words}
                {#if job.atIt.length}
                  <span class="soft"><UserMultiple size={16} /> {job.atIt.join(', ')}</span>
                {/if}
              {:else if job.blockers}
                <span class="warn">
                  Not ready: {job.blockers}
                  {job.blockers === 1 ? 'thing stands' : 'things stand'} in the way
                </span>
              {:else}
                Ready to start
              {/if}
            </span>
            <span
              class="rule"
              role="img"
              aria-label="{job.standing.percent} % of the steps done"
              style:--done="{job.standing.percent}%"
            ></span>
          </li>
        {/each}
      </ul>
      {#if !all && today.jobs.length > FIRST}
        <button class="quiet" type="button" onclick={() => (all = true)}>
          Show all {today.jobs.length} open jobs
        </button>
      {/if}
    {:else}
      <p class="soft">No job is open. <a href="/machines">Choose a machine</a> to start one.</p>
    {/if}

    {#if today.curing.length}
      <h2>Curing</h2>
      <ul class="lines">
        {#each today.curing as c (c.jobId)}
          <li>
            <a href="/jobs/{c.jobId}/bench">{c.machineName}</a>
            <strong class="figure">ridable from {moment(c.from)}</strong>
            <span class="soft">{c.title}, job {c.number}</span>
          </li>
        {/each}
      </ul>
    {/if}

    {#if today.toGet.length}
      <h2>To get</h2>
      <ul class="lines">
        {#each all ? today.toGet : today.toGet.slice(0, FIRST) as t (`${t.jobId} ${t.about}`)}
          <li>
            <a href="/shelf?want={encodeURIComponent(t.about)}">{t.words}</a>
            <span class="soft"
              >{t.machineName}, <a href="/jobs/{t.jobId}/sheet">job {t.number}</a></span
            >
          </li>
        {/each}
      </ul>
    {/if}

    <h2>Look again</h2>
    {#if today.due.length}
      <div class="wide">
        <table class="ledger">
          <thead>
            <tr><th>Standing</th><th>Machine</th><th>Joints</th><th>Why</th><th>Due</th></tr>
          </thead>
          <tbody>
            {#each today.due as r (r.id)}
              <tr>
                <td><RecheckMark standing={r.standing} /></td>
                <td><a href="/machines/{r.machineId}#rechecks">{r.machineName}</a></td>
                <td>{r.joints}<br /><span class="soft">{r.jobTitle}, job {r.jobNumber}</span></td>
                <td>{r.why}</td>
                <td><DueWhen recheck={r} /></td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    {:else}
      <p class="soft">Nothing is due.</p>
    {/if}
    {#if today.waiting}
      <p class="soft after">{today.waiting} more wait for their day or distance.</p>
    {/if}
    <p class="soft after"><a href="/settings#calendars">In your calendar</a></p>

    <h2>Torque tools not to be trusted</h2>
    {#if today.tools.length}
      <ul class="lines">
        {#each today.tools as tool (tool.id)}
          <li>
            <a href="/crib"><strong>{tool.name}</strong></a>
            <span class="soft">
              {#if tool.out}
                out of use: {tool.out}.
              {:else}
                {tool.calibrationEnded
                  ? `calibration ended ${day(tool.calibrationEnded)}`
                  : 'never calibrated'},
                {tool.cycles} uses. Refused on critical joints until it is calibrated.
              {/if}
            </span>
          </li>
        {/each}
      </ul>
    {:else}
      <p class="soft">
        {today.crib ? 'All are in calibration.' : 'No torque tool hangs in the crib yet.'}
      </p>
    {/if}
    {#if here.isLead}<LastBackup />{/if}
  {/snippet}
</Loaded>

<style>
  h1 {
    font-variant-numeric: tabular-nums;
  }
  .job {
    display: grid;
    grid-template-columns: minmax(16rem, 2fr) 3fr minmax(6rem, 1fr);
    gap: 0.25rem 1.5rem;
    align-items: center;
  }
  .job a {
    display: grid;
    grid-template-columns: 6rem 1fr;
    min-height: 2.5rem;
    align-items: center;
    color: var(--ink);
    text-decoration: none;
  }
  .job a:hover {
    text-decoration: underline;
    text-decoration-color: var(--copper);
  }
  .machine {
    font-weight: 600;
  }
  .rule {
    position: relative;
    height: 12px;
    border-bottom: 1px solid var(--hairline);
    background: repeating-linear-gradient(
        to right,
        var(--hairline) 0 1px,
        transparent 1px calc(10% - 0.1px)
      )
      0 100% / 100% 4px no-repeat;
  }
  .rule::after {
    content: '';
    position: absolute;
    left: 0;
    bottom: -2px;
    width: var(--done);
    border-bottom: 3px solid var(--copper);
  }
  .wide {
    overflow-x: auto;
  }
  .after {
    margin-top: 0.5rem;
  }
  @media (max-width: 640px) {
    .job {
      grid-template-columns: 1fr;
    }
  }
</style>
