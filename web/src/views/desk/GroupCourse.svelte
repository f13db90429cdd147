<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { plain } from '../../joint/figures';
  import JointDrawing from '../../joint/JointDrawing.svelte';
  import Why from '../../joint/Why.svelte';
  import type { DeskState } from './fields';

  interface Props {
    course: Schemas['InteractionResponse'];
    desk: DeskState;
  }
  let { course, desk }: Props = $props();
  let shown = $state<number | null>(null);
  const pass = $derived(Math.min(shown ?? Infinity, course.afterEachPass.length - 1));
  const loads = $derived(
    Object.fromEntries(
      (course.afterEachPass[pass] ?? []).map((load, i) => [
        String(i + 1),
        load / Math.max(...course.afterEachPass.flat()),
      ]),
    ),
  );
  const wanted = $derived(desk.spread.trim() || '5');
  const fasteners = $derived(course.afterEachPass[0]?.map((_, i) => i + 1) ?? []);
</script>

<h2>What {fasteners.length} of them do to each other</h2>
<p>
  Order <strong class="figure">{course.order.join(' ')}</strong>.
  {#if course.passesToWantedSpread}
    {course.passesToWantedSpread}
    {course.passesToWantedSpread === 1 ? 'pass brings' : 'passes bring'} all within {wanted} %.
  {/if}
  {#if course.bestOrder && course.bestOrder.join() !== course.order.join()}
    After {desk.passes} passes the least spread comes of
    <strong class="figure">{course.bestOrder.join(' ')}</strong>.
  {/if}
</p>
<div class="pair">
  <figure>
    <JointDrawing
      layout={desk.layout as Schemas['RunJoint']['layout']}
      positions={course.positions}
      order={course.order}
      {loads}
      title="Clamp load after pass {pass + 1}"
    />
    <figcaption class="soft">Ring thickness: clamp load after pass {pass + 1}.</figcaption>
  </figure>
  <div class="wide">
    <table class="ledger">
      <thead>
        <tr>
          <th>Pass</th>
          {#each fasteners as n (n)}<th class="num">{n}</th>{/each}
          <th class="num">Spread</th>
        </tr>
      </thead>
      <tbody>
        {#each course.afterEachPass as after, i (i)}
          <tr class:now={i === pass}>
            <td>
              <button type="button" aria-pressed={i === pass} onclick={() => (shown = i)}>
                {i + 1}
              </button>
            </td>
            {#each after as load, n (n)}<td class="num">{plain(load / 1000)}</td>{/each}
            <td class="num">{plain(course.spreadPercent[i] ?? 0)} %</td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="soft">Clamp load of each fastener, kN. A pass chosen here is drawn.</p>
  </div>
</div>
<Why label="Why" reasons={course.reasons} derivation={course.derivation ?? []} />

<style>
  .pair {
    display: grid;
    grid-template-columns: 11rem minmax(0, 1fr);
    gap: 1.5rem;
    align-items: start;
  }
  figure {
    margin: 0;
  }
  td {
    vertical-align: middle;
  }
  .now td {
    font-weight: 600;
  }
  button {
    min-width: 2.5rem;
    min-height: 2rem;
    background: none;
    border: 1px solid transparent;
    color: inherit;
    font: inherit;
    cursor: pointer;
    text-align: left;
  }
  button[aria-pressed='true'] {
    border-color: var(--copper);
  }
  @media (max-width: 640px) {
    .pair {
      grid-template-columns: minmax(0, 1fr);
    }
    figure {
      max-width: 14rem;
    }
  }
  .wide {
    overflow-x: auto;
  }
</style>
