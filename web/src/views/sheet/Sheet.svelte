<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { CheckmarkOutline, Misuse, WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { here } from '../../api/session.svelte';
  import { navigate, route } from '../../router';
  import JobHeader from '../../shell/JobHeader.svelte';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { moment, span } from '../../joint/figures';
  import CancelJob from './CancelJob.svelte';
  import Cost from './Cost.svelte';
  import Fits from './Fits.svelte';
  import Questions from './Questions.svelte';
  import SheetJoint from './SheetJoint.svelte';
  import WorkInOrder from './WorkInOrder.svelte';
  import WriteDown from './WriteDown.svelte';

  type JobSheet = Schemas['JobSheet'];
  type Page = { sheet: JobSheet; standing: Schemas['Progress'] };
  const id = $derived(route.params.id ?? '');
  const sending = new Submission();
  const trouble = $derived(sending.trouble);

  const load = async (): Promise<Page> => {
    const params = { params: { path: { id } } };
    const [sheet, standing] = await Promise.all([
      ask(api.GET('/api/jobs/{id}/sheet', params)),
      ask(api.GET('/api/jobs/{id}/standing', params)),
    ]);
    return { sheet, standing };
  };

  const start = (sheet: JobSheet) =>
    sending.send(
      'start',
      () =>
        ask(
          api.POST('/api/jobs/{id}/run', {
            params: { path: { id } },
            body: { version: sheet.version },
          }),
        ),
      () => navigate('/jobs/:id/bench', { params: { id } }),
    );
  /** The card is fetched against the print before; what it says now is kept beside. */
  const printed = (show: (sheet: JobSheet) => void) =>
    sending.send(
      'print',
      (newId) =>
        ask(api.POST('/api/jobs/{id}/prints', { params: { path: { id } }, body: { id: newId } })),
      show,
    );
  const giveBack = (sheet: JobSheet, show: (sheet: JobSheet) => void) =>
    sending.send(
      'planner',
      (newId) =>
        ask(
          api.POST('/api/jobs/{id}/arrangement/planner', {
            params: { path: { id } },
            body: { id: newId, version: sheet.version },
          }),
        ),
      show,
    );
  const inCrib = (name: string, isHere: boolean, reload: () => Promise<void>) =>
    sending.send(
      [name, isHere],
      (newId) => ask(api.POST('/api/crib/hand-tools', { body: { id: newId, name, here: isHere } })),
      reload,
    );
  const mend = (b: Schemas['Blocker']) =>
    b.kind === 'FIT_NOT_CHECKED'
      ? { href: '#fits', words: 'answer it' }
      : b.kind === 'NOT_ON_SHELF'
        ? { href: `/shelf?want=${encodeURIComponent(b.about ?? '')}`, words: 'to the shelf' }
        : undefined;
</script>

<svelte:head><title>Job sheet · Unimetric</title></svelte:head>
{#key id}
  <Loaded {load}>
    {#snippet children({ sheet, standing }, again)}
      {@const started = standing.station !== 'PLAN' || sheet.cancelling !== undefined}
      {@const show = (fresh: JobSheet) => again({ sheet: fresh, standing })}
      <JobHeader
        number={sheet.number}
        title={sheet.title}
        machine={sheet.machine}
        jobId={id}
        at={sheet.ready ? 'plan' : 'values'}
        {started}
        signed={standing.station === 'RECORD'}
      />
      <section class="readiness" class:ready={sheet.ready} aria-label="Readiness">
        {#if sheet.cancelling}
          <p class="verdict bad"><Misuse size={20} /> <strong>Cancelled</strong></p>
          <p>
            {sheet.cancelling.reason}
            <span class="soft">{sheet.cancelling.by}, {moment(sheet.cancelling.at)}</span>
          </p>
        {:else if started}
          <p class="verdict"><CheckmarkOutline size={20} /> <strong>Started</strong></p>
          <p class="soft">
            {standing.words}. The bench keeps to the sheet as it was at the start.
          </p>
          <a class="go" href={standing.station === 'RECORD' ? `/log/${id}` : `/jobs/${id}/bench`}
            >{standing.station === 'RECORD' ? 'To the record' : 'To the bench'}</a
          >
        {:else if sheet.ready}
          <p class="verdict good"><CheckmarkOutline size={20} /> <strong>Ready</strong></p>
          <p class="soft">Every joint has one value, a product, a tool and an order.</p>
          {#if here.mayWork}
            <Button disabled={sending.busy} on:click={() => void start(sheet)}>
              {sending.busy ? 'Starting …' : 'Start at the bench'}
            </Button>
          {/if}
        {:else}
          <p class="verdict warn"><WarningAlt size={20} /> <strong>Not ready</strong></p>
          <ul>
            {#each sheet.blockers as b (`${b.jointId} ${b.message}`)}
              {@const joint = sheet.joints.find((j) => j.id === b.jointId)}
              <li>
                <!-- prettier-ignore -->
                {#if joint}<a href="#joint-{joint.id}">{joint.title}</a>:&#32;{/if}{b.message}
                {#if mend(b)}<a href={mend(b)?.href}>{mend(b)?.words}</a>{/if}
                {#if b.kind === 'NOT_IN_CRIB' && here.mayWork}
                  <button
                    class="quiet"
                    type="button"
                    onclick={() =>
                      void inCrib(b.about ?? '', true, async () => again(await load()))}
                    >It is here</button
                  >
                {/if}
              </li>
            {/each}
          </ul>
        {/if}
        {#if trouble}
          <TroubleNote
            {trouble}
            retry={sending.outrun ? async () => again(await load()) : undefined}
            label="Show what is new"
          />
        {/if}
      </section>
      {#if sheet.questions.options.length || sheet.questions.sided}
        <Questions
          questions={sheet.questions}
          jobId={id}
          version={sheet.version}
          may={here.mayWork && !started}
          taken={show}
          reload={async () => again(await load())}
        />
      {/if}
      <p>
        {sheet.summary}
        <span class="soft figure">
          {#if sheet.minutes}About {Math.round(sheet.minutes)} min for a practised hand.{/if}
          {sheet.settingChanges}
          {sheet.settingChanges === 1 ? 'change' : 'changes'} of tool or setting{#if sheet.handOrder && sheet.settingChanges > sheet.settingChangesAtLeast},
            {sheet.settingChangesAtLeast} in the planner’s order{/if}.
          {#if sheet.ride.cureMinutes}
            Ride no earlier than {span(sheet.ride.cureMinutes)} after the last final torque.
          {/if}
          {#if sheet.ride.unknown.length}
            Cure time of {sheet.ride.unknown.join(', ')} is not on the shelf: use the maker’s sheet.
          {/if}
        </span>
      </p>

      <p>
        <span class="soft">Part</span>
        {sheet.fits}{sheet.part ? `: ${sheet.part}` : ''}
      </p>
      {#if here.mayWork && !started}
        <WriteDown
          label={sheet.part ? 'Another part after all' : 'Which part: name and marking'}
          wide
          send={async (name, newId) =>
            show(
              await ask(
                api.POST('/api/jobs/{id}/part', {
                  params: { path: { id } },
                  body: { id: newId, name, version: sheet.version },
                }),
              ),
            )}
        />
      {/if}
      <p class="no-print">
        <a
          class="card"
          href="/api/jobs/{id}/card.pdf{sheet.sincePrint ? `?since=${sheet.sincePrint.id}` : ''}"
          target="_blank"
          rel="noopener"
          onclick={() => here.mayWork && void printed(show)}
        >
          Print the job card
        </a>
        <a class="card pack" href="/api/jobs/{id}/plan.json" download>Save the plan</a>
        <a class="card pack" href="/api/jobs/{id}/pack.json" download>Save as a pack</a>
      </p>
      {#if sheet.sincePrint?.changes.length}
        <section class="news" aria-label="Changed since the print">
          <p>
            <WarningAlt size={16} />
            <strong>Changed since the print</strong> of {moment(sheet.sincePrint.printedAt)}, {sheet
              .sincePrint.printedBy}
          </p>
          <ul>
            {#each sheet.sincePrint.changes as change, i (i)}
              {@const joint = sheet.joints.find((j) => j.id === change.jointId)}
              <li>
                {#if joint}<a href="#joint-{joint.id}">{joint.title}</a>,&#32;{/if}{change.words}
              </li>
            {/each}
          </ul>
        </section>
      {/if}

      <h2 id="values">Joints in working order</h2>
      {#if sheet.handOrder}
        <p>
          Arranged by hand.
          {#if !started && here.mayWork}
            <button class="quiet" type="button" onclick={() => void giveBack(sheet, show)}>
              Back to the planner’s order
            </button>
          {/if}
        </p>
      {/if}
      <ol class="joints">
        {#each sheet.joints as joint, i (joint.id)}
          <SheetJoint
            {joint}
            place={i + 1}
            last={i + 1 === sheet.joints.length}
            changed={sheet.sincePrint?.changes.some((c) => c.jointId === joint.id) ?? false}
            jobId={id}
            version={sheet.version}
            {started}
            decided={show}
            reload={async () => again(await load())}
          />
        {/each}
      </ol>

      <div class="columns" id="plan">
        <section>
          <WorkInOrder work={sheet.work} ride={sheet.firstRide} />
        </section>
        <section>
          {#if sheet.preparation.fitChecks.length}
            <h2 id="fits">Must fit</h2>
            <ul class="lines">
              {#each sheet.preparation.fitChecks as question (question)}
                <Fits
                  {question}
                  call={sheet.preparation.fitCalls[question]}
                  answer={sheet.fitAnswers.findLast((f) => f.question === question)}
                  jobId={id}
                  version={sheet.version}
                  may={here.mayWork && !started}
                  taken={show}
                />
              {/each}
            </ul>
          {/if}
          <h2>Before it is ridden</h2>
          <ol class="lines">
            {#each sheet.checks as check (check.id)}
              <li><strong>{check.title}.</strong> {check.text}</li>
            {/each}
          </ol>
          {#if sheet.oneTimeParts.length}
            <h2>Parts used once</h2>
            <ul class="lines">
              {#each sheet.oneTimeParts as part (part.name)}
                <li><span class="figure">{part.count} ×</span> {part.name}</li>
              {/each}
            </ul>
          {/if}
          {#if sheet.otherParts.length}
            <h2>Moved over and kept</h2>
            <ul class="lines">
              {#each sheet.otherParts as part (part.part + part.role)}
                <li>{part.part} <span class="soft">{part.role}</span></li>
              {/each}
            </ul>
          {/if}
          {#each [['Drives and keys', sheet.needs.drives], ['Special tools', sheet.needs.specialTools]] as const as [title, tools] (title)}
            {#if tools.length}
              <h2>{title}</h2>
              <ul class="lines">
                {#each tools as tool (tool)}
                  {@const lacking = sheet.needs.notInCrib.includes(tool)}
                  <li class="tool">
                    <span>
                      {tool}
                      {#if lacking}<span class="warn"><WarningAlt size={16} /> not in the crib</span
                        >{/if}
                    </span>
                    {#if here.mayWork && !started}
                      <button
                        class="quiet no-print"
                        type="button"
                        onclick={() => void inCrib(tool, lacking, async () => again(await load()))}
                        >{lacking ? 'It is here' : 'We lack it'}</button
                      >
                    {/if}
                  </li>
                {/each}
              </ul>
            {/if}
          {/each}
          {#each [['To hold', sheet.needs.counterHolds], ['Measure as found', sheet.preparation.asFound], ['Look at', sheet.preparation.inspections], ['On the bench', sheet.preparation.consumables]] as const as [title, items] (title)}
            {#if items.length}
              <h2>{title}</h2>
              <ul class="lines">
                {#each items as item (item)}<li>{item}</li>{/each}
              </ul>
            {/if}
          {/each}
          {#if sheet.needs.settings.length}
            <h2>Settings, in working order</h2>
            <ul class="lines">
              {#each sheet.needs.settings as setting, i (i)}
                <li>
                  <strong class="figure">{setting.reading.text}</strong>
                  {setting.toolName}
                  <span class="soft">
                    {setting.jointIds
                      .map((j) => sheet.joints.find((s) => s.id === j)?.title)
                      .join(', ')}
                  </span>
                </li>
              {/each}
            </ul>
          {/if}
          {#if sheet.needs.products.length}
            <h2>Products</h2>
            <ul class="lines">
              {#each sheet.needs.products as product (product.compound)}
                <li>
                  {product.name ?? 'none on the shelf'}
                  <span class="soft">{product.cure}</span>
                </li>
              {/each}
            </ul>
          {/if}
          <Cost {sheet} taken={show} reload={async () => again(await load())} />
          <h2>Cautions</h2>
          <ul class="lines">
            {#each sheet.cautions as caution (caution)}<li>{caution}</li>{/each}
          </ul>
          {#if here.mayWork && !sheet.cancelling && standing.station !== 'RECORD'}
            <CancelJob {sheet} started={standing.station !== 'PLAN'} taken={show} />
          {/if}
        </section>
      </div>
    {/snippet}
  </Loaded>
{/key}

<style>
  .readiness {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1.5rem;
    align-items: center;
    min-height: 3.5rem;
    padding: 0.5rem 0 0.5rem 0.75rem;
    border-left: 3px solid var(--warn);
    margin-bottom: 0.5rem;
  }
  .readiness.ready {
    border-left-color: var(--good);
  }
  .readiness > :global(.bx--btn),
  .go {
    margin-left: auto;
  }
  .go {
    display: inline-flex;
    align-items: center;
    min-height: 2.5rem;
  }
  .card {
    display: inline-flex;
    align-items: center;
    min-height: 2.5rem;
  }
  .pack {
    margin-left: 1.5rem;
  }
  .news {
    border-left: 3px solid var(--copper);
    padding: 0.25rem 0 0.25rem 0.75rem;
    margin: 0.5rem 0;
  }
  .news ul {
    list-style: none;
  }
  .verdict {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    font-size: 1rem;
  }
  .readiness ul {
    flex: 1;
    list-style: none;
    min-width: min(20rem, 100%);
  }
  .joints {
    list-style: none;
  }
  .columns {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0 2.5rem;
  }
  .tool {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  @media (max-width: 640px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .readiness > :global(.bx--btn),
    .go {
      margin-left: 0;
    }
  }
</style>
