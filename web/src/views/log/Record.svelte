<script lang="ts">
  import { api, ask } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { inUnit, moment } from '../../joint/figures';
  import TorqueRail from '../../joint/TorqueRail.svelte';
  import { reading } from '../../joint/unit.svelte';
  import { route } from '../../router';
  import JobHeader from '../../shell/JobHeader.svelte';
  import Loaded from '../../shell/Loaded.svelte';
  import AtAGlance from '../bench/AtAGlance.svelte';
  import KeptFits from '../machines/KeptFits.svelte';
  import EntryWords from './EntryWords.svelte';
  import AddToRecord from './AddToRecord.svelte';
  import OnRecord from './OnRecord.svelte';
  import RecordPhotographs from './RecordPhotographs.svelte';

  const id = $derived(route.params.id ?? '');
  /** The one job of a visit that is shown; empty for all. */
  let only = $state('');
  const load = async () => {
    const record = await ask(api.GET('/api/log/{jobId}', { params: { path: { jobId: id } } }));
    const { machine } = await ask(
      api.GET('/api/machines/{id}', { params: { path: { id: record.line.machineId } } }),
    );
    const fits = await ask(api.GET('/api/jobs/{id}/fits', { params: { path: { id } } }));
    const paper = await ask(api.GET('/api/log/{jobId}/paper', { params: { path: { jobId: id } } }));
    const photographs = await ask(
      api.GET('/api/jobs/{id}/photographs', { params: { path: { id } } }),
    );
    return { record, machine, fits, paper, photographs };
  };
</script>

<svelte:head><title>Record · Unimetric</title></svelte:head>
{#key id}
  <Loaded {load}>
    {#snippet children({ record, machine, fits, paper, photographs }, again)}
      {@const built = record.asBuilt}
      {@const job = record.jobs.find((j) => j.title === only)}
      {@const titles = new Map(built.sheet.steps.map((s) => [s.id, `${s.group}: ${s.title}`]))}
      <JobHeader
        number={record.line.number}
        title={record.line.title}
        {machine}
        jobId={id}
        at="record"
        started
        signed
      />
      <p class="signed">
        Signed by <strong>{record.line.signedBy}</strong>, {moment(record.line.signedAt)}.
        <span class="soft">
          Begun by {built.startedBy}, {moment(built.startedAt)}. Entries by {built.people.join(
            ', ',
          )}.
          {built.readings} torques, {built.deviations} outside the band, {built.corrections} corrected.
        </span>
      </p>
      <OnRecord jobId={id} {paper} />
      {#if record.jobs.length}
        <p class="no-print" role="group" aria-label="Jobs of the visit">
          <button
            class="quiet"
            type="button"
            aria-pressed={only === ''}
            onclick={() => (only = '')}
          >
            The whole visit
          </button>
          {#each record.jobs as job (job.title)}
            <button
              class="quiet"
              type="button"
              aria-pressed={only === job.title}
              onclick={() => (only = job.title)}>{job.title}</button
            >
          {/each}
        </p>
      {/if}
      <h2>At a glance</h2>
      <AtAGlance summary={built.summary} sheet={built.sheet} />
      <h2>As built</h2>
      <ul class="lines">
        {#each built.joints.filter((b) => !job || job.jointIds.includes(b.joint.id)) as { joint, finals, slots, product, tools, climbedToNm } (joint.id)}
          <li class="joint">
            <div>
              <strong>{joint.title}</strong>
              <span class="soft block"
                >{joint.count} × {joint.thread}, {joint.onThread.compound}</span
              >
              {#if product}
                <span class="soft block"
                  >{product.name}{product.lot ? `, lot ${product.lot}` : ''}</span
                >
              {/if}
            </div>
            <div>
              <span class="soft block">{joint.stated}</span>
              {#if joint.band}
                <span class="figure">
                  {climbedToNm === undefined
                    ? ''
                    : `climbed to ${inUnit(climbedToNm, reading.unit)}, within `}{inUnit(
                    joint.band.minNm,
                    reading.unit,
                  )}–{inUnit(joint.band.maxNm, reading.unit)}
                  {reading.unit.sign}
                </span>
              {/if}
            </div>
            <TorqueRail
              band={joint.band}
              aimNm={climbedToNm ?? joint.aimNm}
              ceilingNm={joint.ceilingNm}
              readings={finals.map((e) => ({ nm: e.torqueNm ?? 0, outside: e.deviation === true }))}
              unit={reading.unit}
            />
            <div>
              <ul class="finals figure">
                {#each finals as e (e.event.id)}
                  <li class:bad={e.deviation}>
                    <span class="soft">{e.event.fastener}</span>
                    {e.shown ?? inUnit(e.torqueNm ?? 0, reading.unit)}
                  </li>
                {/each}
              </ul>
              {#each slots as e (e.event.id)}
                <span class="block"><EntryWords entry={e} /></span>
              {/each}
              <span class="soft block">{tools.join(', ')}</span>
            </div>
          </li>
        {/each}
      </ul>
      {#if built.found.length}
        <h2>Found, inspected, left</h2>
        <ul class="lines">
          {#each built.found.filter((f) => !job || job.stepIds.includes(f.step.id)) as { step, entry } (step.id)}
            <li class="found">
              <span>
                {step.title}
                <span class="soft block">
                  {step.group}{step.comparesWith ||
                  step.measure?.min !== undefined ||
                  step.measure?.max !== undefined
                    ? `. ${step.text}`
                    : ''}
                </span>
              </span>
              <EntryWords {entry} />
            </li>
          {/each}
        </ul>
      {/if}
      {#if fits.length}
        <h2>Measured at the fit desk</h2>
        <KeptFits {fits} machineId={record.line.machineId} />
      {/if}
      <RecordPhotographs
        photographs={photographs.filter((p) => !job || job.stepIds.includes(p.stepId))}
      />
      <h2>Every entry</h2>
      <div class="wide">
        <table class="ledger">
          <thead><tr><th>When</th><th>Step</th><th>Entry</th><th>Who</th></tr></thead>
          <tbody>
            {#each built.run.entries.filter((e) => !job || job.stepIds.includes(e.event.stepId)) as e (e.event.id)}
              <tr class:struck={e.correctedBy}>
                <td class="figure when">{moment(e.event.time.doneAt)}</td>
                <td>
                  {titles.get(e.event.stepId) ?? ''}{e.event.fastener
                    ? `, fastener ${e.event.fastener}`
                    : ''}
                </td>
                <td><EntryWords entry={e} /></td>
                <td>{e.event.by.name}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      {#if here.mayWork}
        <AddToRecord
          jobId={id}
          again={(fresh) => again({ record, machine, fits, paper: fresh, photographs })}
        />
      {/if}
    {/snippet}
  </Loaded>
{/key}

<style>
  .signed {
    max-width: 70rem;
  }
  .joint {
    display: grid;
    grid-template-columns: 2fr 2fr 15rem 2fr;
    gap: 0.25rem 1.5rem;
    align-items: center;
  }
  .found {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.25rem 1.5rem;
    align-items: center;
  }
  .finals {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.875rem;
    list-style: none;
  }
  .finals .soft {
    font-size: 0.75rem;
  }
  .block {
    display: block;
  }
  .struck {
    color: var(--ink-soft);
  }
  .when {
    white-space: nowrap;
  }
  .wide {
    overflow-x: auto;
  }
  @media (max-width: 900px) {
    .joint {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  [aria-pressed='true'] {
    font-weight: 600;
    color: var(--ink);
  }
</style>
