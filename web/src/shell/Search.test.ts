import { fireEvent, render, screen } from '@testing-library/svelte';
import { createRawSnippet } from 'svelte';
import { describe, expect, it, vi } from 'vitest';
import Search from './Search.svelte';

const children = createRawSnippet((found: () => unknown, text: () => string) => ({
  render: () => `<p>${text()}: ${(found() as string[]).join(', ')}</p>`,
}));
const props = (find: (text: string) => Promise<unknown>) => ({
  label: 'Search things',
  placeholder: 'Thing',
  find,
  children,
});

describe('searching as one types', () => {
  it('begins with everything and then asks for what was typed', async () => {
    const find = vi.fn((text: string) => Promise.resolve(text ? ['one'] : ['one', 'two']));
    render(Search, props(find));
    expect(await screen.findByText(/one, two/)).toBeInTheDocument();
    await fireEvent.input(screen.getByLabelText('Search things'), { target: { value: 'on' } });
    await vi.waitFor(() => expect(find).toHaveBeenLastCalledWith('on'));
  });

  it('shows that it is loading until the first answer', () => {
    render(
      Search,
      props(() => new Promise(() => undefined)),
    );
    expect(screen.getByLabelText('Loading')).toBeInTheDocument();
  });

  it('says what went wrong and offers to try again', async () => {
    const find = vi
      .fn<(text: string) => Promise<string[]>>()
      .mockRejectedValueOnce({ status: 503, detail: 'The database is away.', errors: [] })
      .mockResolvedValue(['one']);
    render(Search, props(find));
    expect(await screen.findByRole('alert')).toHaveTextContent('The database is away.');
    await fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText(/one/)).toBeInTheDocument();
    await vi.waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
  });
});
