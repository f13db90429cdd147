<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { isSetByCheck } from './work';
  import { inUnit, sign } from '../../joint/figures';
  import JointDrawing from '../../joint/JointDrawing.svelte';
  import TorqueRail from '../../joint/TorqueRail.svelte';
  import { reading } from '../../joint/unit.svelte';
  import Why from '../../joint/Why.svelte';
  import Decide from './Decide.svelte';
  import FindValue from './FindValue.svelte';
  import OtherTools from './OtherTools.svelte';
  import Otherwise from './shape/Otherwise.svelte';
  import Place from './Place.svelte';
  import StatedValues from './StatedValues.svelte';
  import WriteDown from './WriteDown.svelte';
  import { JOINT, asTyped, find } from './shape/fields';
  import Remove from './shape/Remove.svelte';
  import Rules from './shape/Rules.svelte';
  import type { Shape } from './shape/shape.svelte';
  import ShapeFields from './shape/ShapeFields.svelte';

  interface Props {
    joint: Schemas['SheetJoint'];
    shape: Shape;
    place: number;
    last: boolean;
    changed: boolean;
    jobId: string;
    version: number;
    started: boolean;
    decided: (sheet: Schemas['JobSheet']) => void;
    /** A value is written down for it; what is done once it was taken. */
    valued: () => (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
    gone: () => void;
  }
  let {
    joint,
    shape,
    place,
    last,
    changed,
    jobId,
    version,
    started,
    decided,
    valued,
    reload,
    gone,
  }: Props = $props();
  const PASS = {
    HAND: 'by hand',
    SNUG: 'snug',
    CROSS: '',
    ALTERNATE: 'in turn',
    CIRCULAR_CHECK: 'check round',
    CLIMB: 'a slip test after each, until it holds',
    TRY: 'tried at the target, as it is',
    ANGLE: 'by the angle stated',
    SET_TO_CHECK: 'turned until its check is good',
  };
  const undone = $derived(asTyped(find(shape.document, [...joint.at, 'undo', 'text'])));
  const may = $derived(here.mayWork && !started);
  const pattern = $derived(
    joint.passes.find((p) => p.kind !== 'HAND' && p.kind !== 'CIRCULAR_CHECK')?.order ?? [],
  );
  const climb = $derived(
    joint.climb
      ? `${joint.climb.torquesNm.map((nm) => inUnit(nm, reading.unit)).join(' · ')} ${reading.unit.sign}, ${PASS.CLIMB}`
      : '',
  );
  const slot = $derived(
    joint.nextSlot
      ? [
          `next slot${joint.nextSlot.maxNm === undefined ? '' : `, at most ${inUnit(joint.nextSlot.maxNm, reading.unit)} ${reading.unit.sign}`}`,
        ]
      : [],
  );
  const byCheck = $derived(isSetByCheck(joint));
  const passes = $derived(
    joint.passes
      .map((p) =>
        p.kind === 'CLIMB'
          ? climb
          : p.kind === 'HAND' ||
              p.kind === 'CIRCULAR_CHECK' ||
              p.kind === 'ANGLE' ||
              p.kind === 'SET_TO_CHECK' ||
              p.kind === 'TRY'
            ? PASS[p.kind]
            : `${Math.round(p.percent)} % ${PASS[p.kind]}`.trim(),
      )
      .filter((words, i, all) => words !== all[i - 1])
      .concat(slot)
      .join(' → '),
  );
  async function withdraw(valueId: string, reason: string, id: string) {
    decided(
      await ask(
        api.POST('/api/jobs/{id}/withdrawals', {
          params: { path: { id: jobId } },
          body: { id, valueId, reason, version },
        }),
      ),
    );
  }
  const chooseTool = (jointId: string) => async (toolId: string | undefined, id: string) =>
    decided(
      await ask(
        api.POST('/api/jobs/{id}/tools', {
          params: { path: { id: jobId } },
          body: { id, jointId, ...(toolId ? { toolId } : {}), version },
        }),
      ),
    );
  const feel = (jointId: string) => async (reason: string, id: string) =>
    decided(
      await ask(
        api.POST('/api/jobs/{id}/by-feel', {
          params: { path: { id: jobId } },
          body: { id, jointId, reason, version },
        }),
      ),
    );
  const why = $derived([
    ...joint.reasons,
    ...joint.orderReasons,
    ...joint.passReasons,
    ...joint.notes,
  ]);
</script>

<header>
  <div class="drawing">
    <JointDrawing
      layout={joint.layout}
      positions={joint.positions}
      order={pattern}
      title={joint.title}
      leftHand={joint.leftHand}
    />
  </div>
  <div>
    <h2>{joint.title}</h2>
    <p class="figure">{joint.count} × {joint.thread}</p>
    {#if joint.jobs.length > 1}
      <p class="soft">Undone and done once for {joint.jobs.join(' and ')}</p>
    {/if}
    {#if changed}<p class="changed">Changed since the print</p>{/if}
    <p>
      {#if joint.critical}<span class="soft">Critical joint.</span>{/if}
      {#if joint.leftHand}<span class="warn">Left-hand thread.</span>{/if}
      {#if joint.turning.usedOnce}<span class="warn">Renewed each time.</span>{/if}
    </p>
    <p class="soft passes">{passes}</p>
  </div>
  {#if may}
    <div class="place">
      <span class="figure" aria-label="Its place in the order">{place}</span>
      <Place {joint} {place} {last} {jobId} {version} moved={decided} />
    </div>
  {/if}
</header>

{#if joint.otherwise.length}<Otherwise {joint} {shape} {may} {reload} />{/if}
<section class="target" aria-label="Target">
  {#if joint.band && joint.aimNm !== undefined}
    <p class="aim figure">
      {inUnit(joint.aimNm, reading.unit)} <span class="unit">{reading.unit.sign}</span>
      <span class="soft band">
        {joint.climb
          ? `climbed until it holds, at most ${inUnit(joint.climb.torquesNm.at(-1) ?? 0, reading.unit)}`
          : `${inUnit(joint.band.minNm, reading.unit)}–${inUnit(joint.band.maxNm, reading.unit)}`}
      </span>
    </p>
    <TorqueRail
      band={joint.band}
      aimNm={joint.aimNm}
      ceilingNm={joint.ceiling?.torqueNm}
      {...joint.capNm === undefined ? {} : { capNm: joint.capNm }}
      {...joint.tool ? { tool: joint.tool } : {}}
      unit={reading.unit}
      size="large"
    />
  {:else}
    <p class="soft">
      {byCheck
        ? 'Set to its check: no value is looked up, its check is its proof.'
        : joint.values.length
          ? 'No figure: by the words of the sheet.'
          : 'No value yet.'}
    </p>
  {/if}
</section>

{#if may && !byCheck}
  {#key joint.id}<FindValue {joint} {jobId} {version} taken={valued} {reload} />{/key}
{/if}
<StatedValues {joint} withdraw={may ? withdraw : undefined} />
{#if joint.decision}
  <p>
    Decided by <strong>{joint.decision.by}</strong>: {joint.values.find(
      (v) => v.id === joint.decision?.valueId,
    )?.stated}{joint.decision.readAs ? ` read as ${sign(here.units, joint.decision.readAs)}` : ''}. {joint
      .decision.reason}
  </p>
{/if}
{#if (!joint.ready && joint.values.length > 0) || joint.decision}
  {#if !started && here.isLead}
    {#key joint.id}<Decide {joint} {jobId} {version} {decided} {reload} />{/key}
  {:else if !joint.ready}
    <p class="warn">A lead decides which value holds, with a reason.</p>
  {/if}
{/if}

<div class="pair">
  <div>
    <span class="label">On the thread</span>
    <p>{joint.compoundWords}</p>
    {#if joint.wetting}<p class="soft">{joint.wetting}</p>{/if}
    <Why
      label="Why this product"
      reasons={[
        ...joint.compound.reasons,
        ...joint.compound.preparation,
        joint.compound.where,
        ...joint.compound.never,
      ].filter(Boolean)}
    />
  </div>
  <div>
    <span class="label">Tool and setting</span>
    {#if joint.tool}
      <p class="setting figure">{joint.tool.setting ?? '–'}</p>
      <p class="soft">{joint.tool.name}</p>
      <Why label="Why this tool" reasons={joint.tool.reasons} derivation={joint.tool.derivation} />
    {:else if joint.band}
      <p class="warn"><WarningAlt size={16} /> No tool of the crib</p>
      {#if joint.byFeel !== undefined}
        <p class="warn">By feel, unverified: {joint.byFeel}</p>
      {:else if !joint.critical && may}
        <WriteDown
          label="Why no tool reaches"
          button="By feel"
          maxlength={1000}
          send={feel(joint.id)}
        />
      {/if}
    {:else}
      <p class="soft">{joint.values.length ? 'None needed' : '–'}</p>
    {/if}
    {#if joint.drive}<p class="soft">{joint.drive}</p>{/if}
    {#if joint.turning.counterHold}
      <p class="soft">hold with {joint.turning.counterHold}</p>
    {/if}
  </div>
</div>
{#if undone}<p><span class="soft">Undone</span> {undone}</p>{/if}
{#each joint.traps as trap, i (i)}<p class="trap">{trap}</p>{/each}
<Why
  label="Why this target, this order, these passes"
  reasons={why}
  derivation={joint.derivation}
/>
{#each joint.deskNotes as note (note.id)}
  <p>
    <a href="/desk{note.state}">From the desk</a>: {note.summary}
    <span class="soft">{note.notedBy}</span>
  </p>
{/each}
{#if joint.otherTools.length}
  <OtherTools {joint} choose={may ? chooseTool(joint.id) : undefined} />
{/if}
{#if may && joint.at.length}
  <h3>As it is on this machine</h3>
  {#key joint.id}
    <ShapeFields
      document={shape.document}
      at={joint.at}
      fields={JOINT}
      differs={shape.differs}
      isLead={here.isLead}
      change={(edits, id, reason) => shape.change(edits, id, reason)}
      {reload}
    />
    <Rules {shape} at={joint.at} />
    <Remove {shape} at={joint.at} title={joint.title} {gone} />
  {/key}
{/if}

<style>
  header {
    display: grid;
    grid-template-columns: 5.5rem minmax(0, 1fr) auto;
    gap: 0.75rem;
  }
  .drawing {
    height: 5.5rem;
  }
  h2 {
    margin: 0;
    border: 0;
    font-size: 1.125rem;
    color: var(--ink);
  }
  .changed {
    color: var(--copper);
  }
  .place {
    font-size: 1.25rem;
    color: var(--ink-soft);
    text-align: right;
  }
  .label {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .aim {
    font-size: 2rem;
    line-height: 1.2;
  }
  .band {
    font-size: 1rem;
    margin-left: 0.75rem;
  }
  .setting {
    font-size: 1.5rem;
    line-height: 1.2;
  }
  .unit {
    font-size: 0.875rem;
    color: var(--ink-soft);
  }
  .pair {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0 1.5rem;
    margin-top: 0.5rem;
  }
  .trap {
    padding-left: 0.75rem;
    border-left: 2px solid var(--copper);
    margin: 0.25rem 0;
  }
  .passes {
    font-variant-numeric: tabular-nums;
    font-size: 0.8125rem;
  }
  @media (max-width: 640px) {
    .pair {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
