<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { inUnit, sign } from '../../joint/figures';
  import JointDrawing from '../../joint/JointDrawing.svelte';
  import TorqueRail from '../../joint/TorqueRail.svelte';
  import { reading } from '../../joint/unit.svelte';
  import Why from '../../joint/Why.svelte';
  import Decide from './Decide.svelte';
  import FindValue from './FindValue.svelte';
  import OtherTools from './OtherTools.svelte';
  import Place from './Place.svelte';
  import StatedValues from './StatedValues.svelte';
  import WriteDown from './WriteDown.svelte';

  interface Props {
    joint: Schemas['SheetJoint'];
    place: number;
    last: boolean;
    changed: boolean;
    jobId: string;
    version: number;
    started: boolean;
    decided: (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
  }
  let { joint, place, last, changed, jobId, version, started, decided, reload }: Props = $props();
  const PASS = {
    HAND: 'by hand',
    SNUG: 'snug',
    CROSS: '',
    ALTERNATE: 'in turn',
    CIRCULAR_CHECK: 'check round',
    ANGLE: 'by the angle stated',
  };
  const pattern = $derived(
    joint.passes.find((p) => p.kind !== 'HAND' && p.kind !== 'CIRCULAR_CHECK')?.order ?? [],
  );
  const passes = $derived(
    joint.passes
      .map((p) =>
        p.kind === 'HAND' || p.kind === 'CIRCULAR_CHECK' || p.kind === 'ANGLE'
          ? PASS[p.kind]
          : `${Math.round(p.percent)} % ${PASS[p.kind]}`.trim(),
      )
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
  async function chooseTool(toolId: string | undefined, id: string) {
    decided(
      await ask(
        api.POST('/api/jobs/{id}/tools', {
          params: { path: { id: jobId } },
          body: { id, jointId: joint.id, ...(toolId ? { toolId } : {}), version },
        }),
      ),
    );
  }
  async function feel(reason: string, id: string) {
    decided(
      await ask(
        api.POST('/api/jobs/{id}/by-feel', {
          params: { path: { id: jobId } },
          body: { id, jointId: joint.id, reason, version },
        }),
      ),
    );
  }
  const why = $derived([
    ...joint.reasons,
    ...joint.orderReasons,
    ...joint.passReasons,
    ...joint.notes,
  ]);
</script>

<li id="joint-{joint.id}" class:blocked={!joint.ready}>
  <div class="what">
    <div class="place">
      <span class="figure">{place}</span>
      {#if !started && here.mayWork}
        <Place {joint} {place} {last} {jobId} {version} moved={decided} />
      {/if}
    </div>
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
      <h3>{joint.title}</h3>
      {#if changed}<p class="changed">Changed since the print</p>{/if}
      <p class="figure">
        {joint.count} × {joint.thread}
      </p>
      {#if joint.critical}<p class="soft">Critical joint</p>{/if}
      {#if joint.leftHand}<p class="warn">Left-hand thread</p>{/if}
      {#if joint.drive}<p class="soft">{joint.drive}</p>{/if}
      {#if joint.turning.counterHold}
        <p class="soft">hold with {joint.turning.counterHold}</p>
      {/if}
      {#if joint.turning.usedOnce}<p class="warn">Renewed each time</p>{/if}
    </div>
  </div>

  <StatedValues {joint} withdraw={here.mayWork && !started ? withdraw : undefined} />

  <div>
    <span class="label">Target</span>
    {#if joint.band && joint.aimNm !== undefined}
      <p class="aim figure">
        {inUnit(joint.aimNm, reading.unit)} <span class="unit">{reading.unit.sign}</span>
      </p>
      <p class="soft figure">
        {inUnit(joint.band.minNm, reading.unit)}–{inUnit(joint.band.maxNm, reading.unit)}
      </p>
      <TorqueRail
        band={joint.band}
        aimNm={joint.aimNm}
        ceilingNm={joint.ceiling?.torqueNm}
        capNm={joint.capNm}
        tool={joint.tool}
        unit={reading.unit}
      />
    {:else}
      <p class="soft">
        {joint.values.length ? 'No figure: by the words of the sheet.' : 'No value yet.'}
      </p>
    {/if}
  </div>

  <div>
    <span class="label">On the thread</span>
    <p>{joint.compoundWords}</p>
    {#if joint.wetting}<p class="soft">{joint.wetting}</p>{/if}
    <Why
      label="Why"
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
      <Why label="Why" reasons={joint.tool.reasons} derivation={joint.tool.derivation} />
    {:else if joint.band}
      <p class="warn"><WarningAlt size={16} /> No tool of the crib</p>
      {#if joint.byFeel !== undefined}
        <p class="warn">By feel, unverified: {joint.byFeel}</p>
      {:else if !joint.critical && here.mayWork && !started}
        <WriteDown label="Why no tool reaches" button="By feel" maxlength={1000} send={feel} />
      {/if}
    {:else}
      <p class="soft">{joint.values.length ? 'None needed' : '–'}</p>
    {/if}
  </div>

  <div class="under">
    <p class="soft passes">{passes}</p>
    {#if joint.decision}
      <p>
        Decided by <strong>{joint.decision.by}</strong>: {joint.values.find(
          (v) => v.id === joint.decision?.valueId,
        )?.stated}{joint.decision.readAs
          ? ` read as ${sign(here.units, joint.decision.readAs)}`
          : ''}. {joint.decision.reason}
      </p>
    {/if}
    {#if !started && here.mayWork}
      <FindValue {joint} {jobId} {version} taken={decided} {reload} />
    {/if}
    {#if (!joint.ready && joint.values.length > 0) || joint.decision}
      {#if !started && here.isLead}
        <Decide {joint} {jobId} {version} {decided} {reload} />
      {:else if !joint.ready}
        <p class="warn">A lead decides which value holds, with a reason.</p>
      {/if}
    {/if}
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
      <OtherTools {joint} choose={here.mayWork && !started ? chooseTool : undefined} />
    {/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 15rem minmax(11rem, 1.4fr) minmax(10rem, 1.2fr) minmax(7rem, 1fr) minmax(
        8rem,
        1fr
      );
    gap: 0.25rem 1.25rem;
    padding: 0.75rem 0 0.5rem 0.75rem;
    border-bottom: 1px solid var(--hairline-soft);
    border-left: 3px solid transparent;
    scroll-margin-top: 1rem;
  }
  li.blocked {
    border-left-color: var(--warn);
  }
  .what {
    display: grid;
    grid-template-columns: 1.75rem 4.75rem 1fr;
    gap: 0.5rem;
  }
  .place {
    font-size: 1.25rem;
    color: var(--ink-soft);
  }
  .changed {
    color: var(--copper);
  }
  .drawing {
    height: 4.75rem;
  }
  .label {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .aim,
  .setting {
    font-size: 1.5rem;
    line-height: 1.2;
  }
  .unit {
    font-size: 0.875rem;
    color: var(--ink-soft);
  }
  .under {
    grid-column: 2 / -1;
  }
  .passes {
    font-variant-numeric: tabular-nums;
  }
  @media (max-width: 1100px) {
    li {
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    }
    .under {
      grid-column: 1 / -1;
    }
  }
  @media (max-width: 640px) {
    .what {
      grid-column: 1 / -1;
    }
    li > :global(.stated) {
      grid-column: 1 / -1;
    }
  }
</style>
