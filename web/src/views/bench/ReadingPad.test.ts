import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import ReadingPad from './ReadingPad.svelte';

const props = (enter = vi.fn().mockResolvedValue(true)) => ({
  draft: 'reading.test',
  unitCode: 'N.m',
  disabled: false,
  trouble: null,
  enter,
  close: vi.fn(),
});

describe('the pad for a gloved hand', () => {
  beforeEach(() => sessionStorage.clear());

  it('types by its keys and takes back', async () => {
    render(ReadingPad, props());
    for (const key of ['2', '1', '.', '5', '5']) {
      await fireEvent.click(screen.getByRole('button', { name: key }));
    }
    await fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    expect(screen.getByLabelText('Reading as the tool shows it')).toHaveValue('21.5');
  });

  it('hands over what was typed, closes when it was taken and forgets the draft', async () => {
    const p = props();
    render(ReadingPad, p);
    await fireEvent.input(screen.getByLabelText('Reading as the tool shows it'), {
      target: { value: '22,4' },
    });
    await fireEvent.submit(screen.getByRole('form', { name: 'Reading' }));
    expect(p.enter.mock.calls[0]?.[0]).toBe('22,4');
    await vi.waitFor(() => expect(p.close).toHaveBeenCalled());
    expect(sessionStorage.getItem('unimetric.draft.reading.test')).toBeNull();
  });

  it('stays open with what was typed when it was not taken, and says why', async () => {
    const p = props(vi.fn().mockResolvedValue(false));
    const { rerender } = render(ReadingPad, p);
    await fireEvent.input(screen.getByLabelText('Reading as the tool shows it'), {
      target: { value: 'ten' },
    });
    await fireEvent.submit(screen.getByRole('form', { name: 'Reading' }));
    await rerender({
      trouble: {
        status: 400,
        detail: '',
        errors: [{ field: 'events[0].typed', message: '“ten” is not a plain number.' }],
      },
    });
    expect(p.close).not.toHaveBeenCalled();
    expect(screen.getByRole('status')).toHaveTextContent('“ten” is not a plain number.');
    expect(screen.getByLabelText('Reading as the tool shows it')).toHaveValue('ten');
    expect(sessionStorage.getItem('unimetric.draft.reading.test')).toBe('ten');
  });

  it('closes on Escape', async () => {
    const p = props();
    render(ReadingPad, p);
    await fireEvent.keyDown(window, { key: 'Escape' });
    expect(p.close).toHaveBeenCalled();
  });
});
