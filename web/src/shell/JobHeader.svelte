<script lang="ts">
  import type { Schemas } from '../api/client';

  interface Props {
    number: number;
    title: string;
    machine: Schemas['Machine'];
    jobId: string;
    at: 'values' | 'plan' | 'bench' | 'record';
    started: boolean;
    signed: boolean;
  }
  let { number, title, machine, jobId, at, started, signed }: Props = $props();
  const stations = $derived([
    { name: 'Machine', href: `/machines/${machine.id}` },
    { name: 'Job', href: `/jobs/${jobId}/sheet` },
    { name: 'Values', href: `/jobs/${jobId}/sheet#values` },
    { name: 'Plan', href: `/jobs/${jobId}/sheet#plan` },
    { name: 'Bench', href: started ? `/jobs/${jobId}/bench` : undefined },
    { name: 'Record', href: signed ? `/log/${jobId}` : undefined },
    { name: 'Re-check', href: signed ? `/machines/${machine.id}#rechecks` : undefined },
  ]);
  const reached = $derived(['machine', 'job', 'values', 'plan', 'bench', 'record'].indexOf(at));
</script>

<header>
  <div>
    <p class="soft">
      <a href="/machines/{machine.id}">{machine.name}</a> · {machine.make}
      {machine.model}
      {machine.modelYear}
    </p>
    <h1>{title} <span class="soft">job {number}</span></h1>
  </div>
  <nav aria-label="Stations of the job" class="no-print">
    <ol>
      {#each stations as station, i (station.name)}
        <li class:passed={i < reached} class:here={i === reached}>
          {#if station.href}
            <a href={station.href} aria-current={i === reached ? 'step' : undefined}
              >{station.name}</a
            >
          {:else}<span>{station.name}</span>{/if}
        </li>
      {/each}
    </ol>
  </nav>
</header>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 2rem;
    justify-content: space-between;
    align-items: end;
    margin-bottom: 0.75rem;
  }
  h1 span {
    font-weight: 400;
    font-size: 0.875rem;
  }
  ol {
    display: flex;
    list-style: none;
    border-bottom: 1px solid var(--hairline);
  }
  li {
    position: relative;
    color: var(--ink-soft);
  }
  li > * {
    white-space: nowrap;
    display: flex;
    align-items: center;
    min-height: 2.5rem;
    padding: 0 0.625rem;
    color: inherit;
    text-decoration: none;
    font-size: 0.8125rem;
  }
  li::after {
    content: '';
    position: absolute;
    left: 50%;
    bottom: -1px;
    height: 6px;
    border-left: 1px solid var(--hairline);
  }
  li.passed {
    color: var(--ink);
  }
  li.here {
    color: var(--copper);
    font-weight: 600;
  }
  li.here::after {
    height: 10px;
    border-left: 3px solid var(--copper);
  }
  @media (max-width: 640px) {
    nav {
      width: 100%;
    }
    ol {
      justify-content: space-between;
    }
    li > * {
      padding: 0 0.125rem;
      font-size: 0.75rem;
    }
  }
</style>
