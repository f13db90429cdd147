<script lang="ts">
  import { api, ask } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { moment, thousands } from '../../joint/figures';
  import { route } from '../../router';
  import { Submission } from '../../api/submission.svelte';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import Doubles from './Doubles.svelte';
  import KeptFits from './KeptFits.svelte';
  import MeterForm from './MeterForm.svelte';
  import NewMachine from './NewMachine.svelte';
  import OfferedJobs from './OfferedJobs.svelte';
  import Parts from './Parts.svelte';
  import RecheckList from './RecheckList.svelte';

  const id = $derived(route.params.id ?? '');
  const load = async () => {
    const params = { params: { path: { id } } };
    const [page, jobs, rechecks, fits, parts] = await Promise.all([
      ask(api.GET('/api/machines/{id}', params)),
      ask(api.GET('/api/machines/{id}/jobs', params)),
      ask(api.GET('/api/machines/{id}/rechecks', params)),
      ask(api.GET('/api/machines/{machineId}/fits', { params: { path: { machineId: id } } })),
      ask(api.GET('/api/machines/{id}/parts', params)),
    ]);
    return { page, jobs, rechecks, fits, parts };
  };
  const KIND = { MOTORCYCLE: 'motorcycle', ATV: 'ATV', BICYCLE: 'bicycle' };
  let changing = $state(false);
  const sending = new Submission();
  const retire = (version: number, retired: boolean, done: () => Promise<void>) =>
    sending.send(
      [id, version, retired],
      () =>
        ask(
          api.POST('/api/machines/{id}/retirement', {
            params: { path: { id } },
            body: { version, retired },
          }),
        ),
      done,
    );
  const place = { PLAN: 'sheet', BENCH: 'bench', RECORD: 'record' };
</script>

{#key id}
  <Loaded {load}>
    {#snippet children({ page, jobs, rechecks, fits, parts }, again)}
      {@const m = page.machine}
      {@const unit = page.meterSign}
      <header>
        <div>
          <p class="soft"><a href="/machines">Machines</a> · {KIND[m.kind]}</p>
          <h1>{m.name}</h1>
          <p>{[`${m.make} ${m.model} ${m.modelYear}`, m.variant].filter(Boolean).join(', ')}</p>
          <p class="soft">
            {[m.registration, m.frameNumber && `Frame ${m.frameNumber}`, m.owner, m.note]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        {#if m.meter !== 'NONE'}
          <p class="meter">
            <span class="figure">
              {m.meterFigure === undefined ? '–' : thousands(m.meterFigure)}
            </span>
            <span class="soft">{unit}</span>
          </p>
        {/if}
      </header>
      {#if page.mergedInto}
        <p>
          <strong>The same machine as</strong>
          <a href="/machines/{page.mergedInto.id}">{page.mergedInto.name}</a>
          <span class="soft">whose page holds what was done on both.</span>
        </p>
      {/if}
      {#if m.retiredAt}
        <p>
          <strong>Retired</strong>
          <span class="soft">{moment(m.retiredAt)}; what was done on it stays here.</span>
        </p>
      {/if}
      <div class="columns">
        <section>
          <h2>Jobs</h2>
          {#if here.mayWork && !m.retiredAt && !m.mergedInto}<OfferedJobs machine={m} />{/if}
          <ul class="lines">
            {#each jobs as job (job.id)}
              <li class="job">
                <a
                  href={job.standing.station === 'RECORD'
                    ? `/log/${job.id}`
                    : `/jobs/${job.id}/${place[job.standing.station]}`}>{job.title}</a
                >
                <span class="soft">job {job.number}, {moment(job.createdAt)}, {job.createdBy}</span>
                <span>{job.standing.words}</span>
              </li>
            {:else}
              <li class="soft">No job was done here yet.</li>
            {/each}
          </ul>
          <h2 id="rechecks">Re-checks</h2>
          <RecheckList
            {rechecks}
            settled={(one) =>
              again({
                page,
                jobs,
                fits,
                parts,
                rechecks: rechecks.map((r) => (r.id === one.id ? one : r)),
              })}
          />
        </section>
        <section>
          <h2 class="meter-name">{page.meterCalled}</h2>
          {#if m.meter === 'NONE'}
            <p class="soft">It has none: what is looked at again falls due by the day.</p>
          {:else if here.mayWork}
            <MeterForm
              machine={m}
              {unit}
              taken={async (taken) => {
                const fresh = await load();
                again({ ...fresh, page: taken });
              }}
              reload={async () => again(await load())}
            />
          {/if}
          <table class="ledger">
            <tbody>
              {#each page.readings.slice(0, 8) as r (r.id)}
                {@const slip = page.readings.find((later) => later.corrects === r.id)}
                <tr>
                  <td class="num">
                    {#if slip}<s>{thousands(r.figure)} {unit}</s>{:else}{thousands(r.figure)}
                      {unit}{/if}
                  </td>
                  <td>{moment(r.readAt)}</td>
                  <td class="soft">{r.readBy}{slip ? `; a slip: ${slip.reason}` : ''}</td>
                </tr>
              {/each}
            </tbody>
          </table>
          <h2 id="fits">Measured</h2>
          <KeptFits {fits} machineId={id} />
          <h2 id="parts">Parts</h2>
          <Parts
            machineId={id}
            {parts}
            taken={(fresh) => again({ page, jobs, rechecks, fits, parts: fresh })}
          />
          <h2>This machine</h2>
          {#if here.may('KEEP_MACHINES')}
            <div class="acts">
              <button class="quiet" type="button" onclick={() => (changing = !changing)}>
                Change what is known of it
              </button>
              <button
                class="quiet"
                type="button"
                onclick={() =>
                  void retire(m.version, !m.retiredAt, async () => again(await load()))}
              >
                {m.retiredAt ? 'Bring it back' : 'Retire it'}
              </button>
            </div>
            {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
            {#if changing}
              <NewMachine
                machine={m}
                taken={async () => {
                  changing = false;
                  again(await load());
                }}
              />
            {/if}
          {/if}
          <ul class="lines">
            {#each page.changes as change (change.saidAt + change.what)}
              <li>
                {change.what}
                <span class="soft">{change.saidBy}, {moment(change.saidAt)}</span>
              </li>
            {:else}
              <li class="soft">As it was when it came into the fleet.</li>
            {/each}
          </ul>
          <Doubles {page} again={async () => again(await load())} />
        </section>
      </div>
    {/snippet}
  </Loaded>
{/key}

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.5rem;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: end;
    gap: 1rem;
  }
  .meter-name::first-letter {
    text-transform: uppercase;
  }
  .meter .figure {
    font-size: 2rem;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 2fr);
    gap: 0 2.5rem;
  }
  .job {
    display: grid;
    grid-template-columns: 2fr 2fr 2fr;
    gap: 0 1rem;
    align-items: center;
  }
  @media (max-width: 900px) {
    .columns,
    .job {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
