<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { span } from '../../joint/figures';
  import CancelJob from './CancelJob.svelte';
  import Cost from './Cost.svelte';
  import Fits from './Fits.svelte';
  import OfModel from './OfModel.svelte';
  import Questions from './Questions.svelte';
  import WriteDown from './WriteDown.svelte';
  import type { Shape } from './shape/shape.svelte';
  import ShapeJob from './shape/ShapeJob.svelte';

  interface Props {
    sheet: Schemas['JobSheet'];
    shape: Shape;
    standing: Schemas['Progress'];
    started: boolean;
    show: (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
    inCrib: (name: string, isHere: boolean) => void;
    printed: () => void;
  }
  let { sheet, shape, standing, started, show, reload, inCrib, printed }: Props = $props();
  const id = $derived(sheet.jobId);
  const may = $derived(here.mayWork && !started);
  /** Jobs that are being shaped, by title. */
  let opened = $state<string[]>([]);
</script>

{#if sheet.questions.options.length || sheet.questions.sided}
  <Questions
    questions={sheet.questions}
    jobId={id}
    version={sheet.version}
    {may}
    taken={show}
    {reload}
  />
{/if}
<h2>The job</h2>
{#if sheet.jobs.length}
  <ul class="lines">
    {#each sheet.jobs as job, i (i)}<li>{job}</li>{/each}
  </ul>
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
{#if may}
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
    onclick={() => here.mayWork && printed()}
  >
    Print the job card
  </a>
  <a class="card pack" href="/api/jobs/{id}/plan.json" download>Save the plan</a>
  <a class="card pack" href="/api/jobs/{id}/pack.json" download>Save as a pack</a>
</p>
{#if here.mayWork}<OfModel {sheet} {shape} {may} {reload} />{/if}

{#if sheet.preparation.fitChecks.length}
  <h2 id="fits">Must fit</h2>
  <ul class="lines">
    {#each sheet.preparation.fitChecks as question, i (i)}
      <Fits
        {question}
        asked={sheet.preparation.fitCalls[question]}
        answer={sheet.fitAnswers.findLast((f) => f.question === question)}
        jobId={id}
        version={sheet.version}
        {may}
        taken={show}
      />
    {/each}
  </ul>
{/if}
<div class="pair">
  <div>
    {#if sheet.oneTimeParts.length}
      <h2>Parts used once</h2>
      <ul class="lines">
        {#each sheet.oneTimeParts as part, i (i)}
          <li><span class="figure">{part.count} ×</span> {part.name}</li>
        {/each}
      </ul>
    {/if}
    {#if sheet.otherParts.length}
      <h2>Moved over and kept</h2>
      <ul class="lines">
        {#each sheet.otherParts as part, i (i)}
          <li>{part.part} <span class="soft">{part.role}</span></li>
        {/each}
      </ul>
    {/if}
    {#if sheet.needs.settings.length}
      <h2>Settings, in working order</h2>
      <ul class="lines">
        {#each sheet.needs.settings as setting, i (i)}
          <li>
            <strong class="figure">{setting.reading.text}</strong>
            {setting.toolName}
            <span class="soft">
              {setting.jointIds.map((j) => sheet.joints.find((s) => s.id === j)?.title).join(', ')}
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
  </div>
  <div>
    {#each [['Drives and keys', sheet.needs.drives], ['Special tools', sheet.needs.specialTools]] as const as [title, tools] (title)}
      {#if tools.length}
        <h2>{title}</h2>
        <ul class="lines">
          {#each tools as tool, i (i)}
            {@const lacking = sheet.needs.notInCrib.includes(tool)}
            <li class="tool">
              <span>
                {tool}
                {#if lacking}<span class="warn"><WarningAlt size={16} /> not in the crib</span>{/if}
              </span>
              {#if may}
                <button class="quiet no-print" type="button" onclick={() => inCrib(tool, lacking)}
                  >{lacking ? 'It is here' : 'We lack it'}</button
                >
              {/if}
            </li>
          {/each}
        </ul>
      {/if}
    {/each}
    {#each [['To hold', sheet.needs.counterHolds], ['On the bench', sheet.preparation.consumables]] as const as [title, items] (title)}
      {#if items.length}
        <h2>{title}</h2>
        <ul class="lines">
          {#each items as item, i (i)}<li>{item}</li>{/each}
        </ul>
      {/if}
    {/each}
  </div>
</div>
{#if sheet.firstRide.length}
  <h2>First ride</h2>
  <ol class="lines">
    {#each sheet.firstRide as step (step.id)}<li>
        <strong>{step.title}.</strong>
        {step.text}
      </li>{/each}
  </ol>
{/if}
<Cost {sheet} taken={show} {reload} />
{#if may}
  {#each shape.jobs as job (job.within.join('/'))}
    <details
      class="fold"
      ontoggle={(e) => {
        const open = e.currentTarget.open;
        opened = open ? [...opened, job.title] : opened.filter((t) => t !== job.title);
      }}
    >
      <summary>
        {shape.jobs.length > 1 ? `Shape “${job.title}”` : 'Shape the job itself'}
      </summary>
      {#if opened.includes(job.title)}<ShapeJob {shape} within={job.within} {reload} />{/if}
    </details>
  {/each}
{/if}
<h2>Cautions</h2>
<ul class="lines">
  {#each sheet.cautions as caution, i (i)}<li>{caution}</li>{/each}
</ul>
{#if here.mayWork && !sheet.cancelling && standing.station !== 'RECORD'}
  <CancelJob {sheet} started={standing.station !== 'PLAN'} taken={show} />
{/if}

<style>
  .card {
    display: inline-flex;
    align-items: center;
    min-height: 2.5rem;
  }
  .pack {
    margin-left: 1.5rem;
  }
  .tool {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  .pair {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0 1.5rem;
  }
  @media (max-width: 640px) {
    .pair {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
