<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { plain } from '../../joint/figures';
  import Why from '../../joint/Why.svelte';
  import type { DeskState } from './state';

  interface Props {
    course: Schemas['InteractionResponse'];
    desk: DeskState;
  }
  let { course, desk }: Props = $props();
  const fasteners = $derived(course.afterEachPass[0]?.map((_, i) => i + 1) ?? []);
</script>

<h2>What {fasteners.length} of them do to each other</h2>
<p>
  Order <strong class="figure">{course.order.join(' ')}</strong>.
  {#if course.passesToSpread5Percent}
    {course.passesToSpread5Percent}
    {course.passesToSpread5Percent === 1 ? 'pass brings' : 'passes bring'} all within 5 %.
  {/if}
  {#if course.bestOrder && course.bestOrder.join() !== course.order.join()}
    After {desk.passes} passes the least spread comes of
    <strong class="figure">{course.bestOrder.join(' ')}</strong>.
  {/if}
</p>
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
      {#each course.afterEachPass as loads, pass (pass)}
        <tr>
          <td>{pass + 1}</td>
          {#each loads as load, i (i)}<td class="num">{plain(load / 1000)}</td>{/each}
          <td class="num">{plain(course.spreadPercent[pass] ?? 0)} %</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="soft">Clamp load of each fastener, kN.</p>
<Why label="Why" reasons={course.reasons} derivation={course.derivation ?? []} />

<style>
  .wide {
    overflow-x: auto;
  }
</style>
