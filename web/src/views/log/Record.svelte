<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { inUnit, moment } from '../../joint/figures';
  import TorqueRail from '../../joint/TorqueRail.svelte';
  import { reading } from '../../joint/unit.svelte';
  import { route } from '../../router';
  import JobHeader from '../../shell/JobHeader.svelte';
  import Loaded from '../../shell/Loaded.svelte';
  import EntryWords from './EntryWords.svelte';

  const id = $derived(route.params.id ?? '');
  const load = async () => {
    const record = await ask(api.GET('/api/log/{jobId}', { params: { path: { jobId: id } } }));
    const { machine } = await ask(
      api.GET('/api/machines/{id}', { params: { path: { id: record.line.machineId } } }),
    );
    return { record, machine };
  };
  const isOutside = (e: Schemas['Entry']) => e.verdict === 'ABOVE' || e.verdict === 'BELOW';
  /** Torques at full share that count, for one joint. */
  function finals(built: Schemas['AsBuilt'], jointId: string): Schemas['Entry'][] {
    const steps = built.sheet.steps.filter((s) => s.jointId === jointId && s.percent === 100);
    return built.run.entries.filter(
      (e) =>
        e.torqueNm !== undefined &&
        !e.notCounted &&
        !e.correctedBy &&
        steps.some((s) => s.id === e.event.stepId),
    );
  }
  /** What was measured or looked at, with the last entry of each that counts. */
  function found(built: Schemas['AsBuilt']) {
    return built.sheet.steps.flatMap((step) => {
      const entry = built.run.entries.findLast(
        (e) =>
          e.event.stepId === step.id &&
          e.event.kind === 'MEASURED' &&
          !e.notCounted &&
          !e.correctedBy,
      );
      return step.measure && entry ? [{ step, entry }] : [];
    });
  }
  function tools(built: Schemas['AsBuilt'], jointId: string): string {
    const names = built.sheet.steps.flatMap((s) =>
      s.jointId === jointId && s.toolName ? [s.toolName] : [],
    );
    return [...new Set(names)].join(', ');
  }
</script>

<svelte:head><title>Record · Unimetric</title></svelte:head>
{#key id}
  <Loaded {load}>
    {#snippet children({ record, machine })}
      {@const built = record.asBuilt}
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
      <h2>As built</h2>
      <ul class="lines">
        {#each built.sheet.joints as joint (joint.id)}
          {@const last = finals(built, joint.id)}
          <li class="joint">
            <div>
              <strong>{joint.title}</strong>
              <span class="soft block">{joint.count} × {joint.thread}, {joint.compound}</span>
            </div>
            <div>
              <span class="soft block">{joint.stated}</span>
              {#if joint.band}
                <span class="figure">
                  {inUnit(joint.band.minNm, reading.unit)}–{inUnit(joint.band.maxNm, reading.unit)}
                  {reading.unit.sign}
                </span>
              {/if}
            </div>
            <TorqueRail
              band={joint.band}
              aimNm={joint.aimNm}
              ceilingNm={joint.ceilingNm}
              readings={last.map((e) => ({ nm: e.torqueNm ?? 0, outside: isOutside(e) }))}
              unit={reading.unit}
            />
            <div>
              <ul class="finals figure">
                {#each last as e (e.event.id)}
                  <li class:bad={isOutside(e)}>
                    <span class="soft">{e.event.fastener}</span>
                    {inUnit(e.torqueNm ?? 0, reading.unit)}
                  </li>
                {/each}
              </ul>
              <span class="soft block">{tools(built, joint.id)}</span>
            </div>
          </li>
        {/each}
      </ul>
      {#if found(built).length}
        <h2>Found, inspected, left</h2>
        <ul class="lines">
          {#each found(built) as { step, entry } (step.id)}
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
      <h2>Every entry</h2>
      <div class="wide">
        <table class="ledger">
          <thead><tr><th>When</th><th>Step</th><th>Entry</th><th>Who</th></tr></thead>
          <tbody>
            {#each built.run.entries as e (e.event.id)}
              <tr class:struck={e.correctedBy}>
                <td class="figure when">{moment(e.event.at)}</td>
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
</style>
