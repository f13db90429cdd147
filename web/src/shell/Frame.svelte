<script lang="ts">
  import type { Snippet } from 'svelte';
  import { Asleep, Light, Logout } from 'carbon-icons-svelte';
  import { here } from '../api/session.svelte';
  import { reading } from '../joint/unit.svelte';
  import { route } from '../router';
  import { theme } from '../theme/theme.svelte';
  import AskLine from './AskLine.svelte';
  import FirstStart from './FirstStart.svelte';
  import { goTo, idOf, placeOf } from './place';
  import SignIn from './SignIn.svelte';
  import TroubleNote from './TroubleNote.svelte';

  let { children }: { children: Snippet } = $props();

  const places = [
    { href: '/', name: 'Today' },
    { href: '/machines', name: 'Machines' },
    { href: '/book', name: 'Spec book' },
    { href: '/crib', name: 'Crib' },
    { href: '/shelf', name: 'Shelf' },
    { href: '/desk', name: 'Desk' },
    { href: '/fit', name: 'Fit' },
    { href: '/log', name: 'Log' },
    { href: '/settings', name: 'Settings' },
  ];
  const active = (href: string) =>
    href === '/' ? route.pathname === '/' : route.pathname.startsWith(href);
  /** Desks answer without signing in. */
  const open = $derived(['/desk', '/fit'].some((desk) => route.pathname.startsWith(desk)));
  $effect(() => void here.look());
  /** After the router has gone there; a link that names a place is followed however often. */
  function follow(e: { target: unknown }) {
    const place = placeOf(e.target);
    if (place) setTimeout(() => goTo(place));
  }
  $effect(() => goTo(idOf(window.location.hash.slice(1))));
</script>

<svelte:document onclick={follow} />

<a class="skip no-print" href="#main-content">Skip to content</a>
<div class="frame">
  <nav class="spine no-print" aria-label="Places">
    <a class="mark" href="/" aria-label="Unimetric, to Today">
      <img src="/mark.svg" alt="" width="28" height="28" />
      <span>Unimetric</span>
    </a>
    <ul>
      {#each places as place (place.href)}
        <li>
          <a href={place.href} aria-current={active(place.href) ? 'page' : undefined}>
            {place.name}
          </a>
        </li>
      {/each}
    </ul>
    <div class="foot">
      {#if here.person}
        <p class="who">
          {here.person.name}<span class="soft">{here.person.role.toLowerCase()}</span>
        </p>
      {/if}
      <button type="button" onclick={() => theme.toggle()}>
        {#if theme.daylight}<Asleep size={16} /><span>Dim</span>{:else}<Light size={16} /><span
            >Daylight</span
          >{/if}
      </button>
      {#if here.person}
        <button type="button" onclick={() => void here.signOut()}>
          <Logout size={16} /><span>Sign out</span>
        </button>
      {/if}
    </div>
  </nav>
  <div class="page">
    <header class="top no-print">
      <AskLine />
      <label>
        <span class="soft">Read in</span>
        <select
          value={reading.unit.code}
          onchange={(e) => reading.choose(e.currentTarget.value)}
          disabled={here.units.length === 0}
        >
          {#each here.units as unit (unit.code)}
            <option value={unit.code}>{unit.sign}</option>
          {/each}
        </select>
      </label>
    </header>
    <main id="main-content" tabindex="-1">
      {#if here.trouble}
        <TroubleNote trouble={here.trouble} retry={() => void here.look()} />
      {/if}
      {#if here.known && (here.person || open)}
        {@render children()}
      {:else if here.known && here.empty}
        <FirstStart />
      {:else if here.known}
        <SignIn />
      {/if}
    </main>
  </div>
</div>

<style>
  .skip {
    position: absolute;
    left: -100vw;
  }
  .skip:focus {
    left: 0.5rem;
    top: 0.5rem;
    z-index: 10;
    background: var(--ground);
    padding: 0.5rem;
  }
  .frame {
    display: grid;
    grid-template-columns: 7.5rem minmax(0, 1fr);
    min-height: 100vh;
  }
  .spine {
    background: var(--sunk);
    border-right: 1px solid var(--hairline);
    display: flex;
    flex-direction: column;
    position: sticky;
    top: 0;
    height: 100vh;
  }
  .mark {
    display: flex;
    flex-direction: column;
    gap: 0.375rem;
    padding: 0.75rem;
    color: var(--ink);
    text-decoration: none;
    font-weight: 600;
    font-size: 0.8125rem;
  }
  .spine ul {
    list-style: none;
    padding-top: 0.5rem;
  }
  .spine li a {
    display: flex;
    align-items: center;
    min-height: 2.75rem;
    padding: 0 0.75rem;
    color: var(--ink-soft);
    text-decoration: none;
    border-left: 3px solid transparent;
  }
  .spine li a:hover {
    color: var(--ink);
  }
  .spine li a[aria-current] {
    color: var(--ink);
    font-weight: 600;
    border-left-color: var(--copper);
  }
  .foot {
    margin-top: auto;
    padding-bottom: 0.5rem;
  }
  .who {
    padding: 0.5rem 0.75rem;
    display: flex;
    flex-direction: column;
    border-top: 1px solid var(--hairline-soft);
  }
  .who span {
    font-size: 0.75rem;
  }
  .foot button {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 2.5rem;
    width: 100%;
    padding: 0 0.75rem;
    background: none;
    border: 0;
    color: var(--ink-soft);
    font: inherit;
    cursor: pointer;
  }
  .foot button:hover {
    color: var(--ink);
  }
  .top {
    display: flex;
    gap: 1rem;
    align-items: center;
    padding: 0.375rem 1.5rem;
    border-bottom: 1px solid var(--hairline-soft);
  }
  .top label {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    white-space: nowrap;
  }
  select {
    min-height: 2.5rem;
    background: var(--ground);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    padding: 0 0.25rem;
  }
  main {
    padding: 1rem 1.5rem 3rem;
    outline: none;
  }
  @media (max-width: 640px) {
    .frame {
      display: block;
      padding-bottom: 3.5rem;
    }
    .spine {
      position: fixed;
      inset: auto 0 0 0;
      height: 3.5rem;
      flex-direction: row;
      align-items: center;
      z-index: 5;
      border-right: 0;
      border-top: 1px solid var(--hairline);
    }
    .spine ul {
      display: flex;
      flex: 1;
      padding: 0;
      overflow-x: auto;
    }
    .spine li a {
      padding: 0 0.5rem;
    }
    .mark,
    .who {
      display: none;
    }
    /* Gone from sight, still said. */
    .foot button span,
    .top label span {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
      white-space: nowrap;
    }
    .foot {
      display: flex;
      margin: 0;
      padding: 0;
    }
    .spine li a {
      border-left: 0;
      border-bottom: 3px solid transparent;
    }
    .spine li a[aria-current] {
      border-bottom-color: var(--copper);
    }
    .top {
      padding: 0.25rem 0.75rem;
      gap: 0.5rem;
    }
    main {
      padding: 0.75rem;
    }
  }
  @media print {
    .frame {
      display: block;
    }
  }
</style>
