import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import EditableText from './EditableText.svelte';

function field(): HTMLInputElement {
  return screen.getByLabelText<HTMLInputElement>('Name');
}

async function type(text: string, key?: string): Promise<void> {
  await fireEvent.input(field(), { target: { value: text } });
  if (key) {
    await fireEvent.keyDown(field(), { key });
  }
}

describe('a text that is edited in its place', () => {
  it('is saved by Enter, without the blanks around it', async () => {
    const onsave = vi.fn(() => Promise.resolve());
    render(EditableText, { label: 'Name', value: 'Teal', onsave });
    await type('  Harbour teal ', 'Enter');
    expect(onsave).toHaveBeenCalledExactlyOnceWith('Harbour teal');
  });

  it('is saved when it is left, and only if it differs', async () => {
    const onsave = vi.fn(() => Promise.resolve());
    render(EditableText, { label: 'Name', value: 'Teal', onsave });
    await type('Teal');
    await fireEvent.blur(field());
    expect(onsave).not.toHaveBeenCalled();
    await type('Harbour teal');
    await fireEvent.blur(field());
    expect(onsave).toHaveBeenCalledOnce();
  });

  it('goes back to what it was by Escape', async () => {
    const onsave = vi.fn(() => Promise.resolve());
    render(EditableText, { label: 'Name', value: 'Teal', onsave });
    await type('Harbour', 'Escape');
    expect(field().value).toBe('Teal');
    expect(onsave).not.toHaveBeenCalled();
  });

  it('keeps what was typed when it is refused, says why, and does not try again by itself', async () => {
    const onsave = vi.fn(() => Promise.reject(new Error('This is no colour code.')));
    render(EditableText, { label: 'Name', value: 'Teal', onsave });
    await type('bluish', 'Enter');
    expect((await screen.findByText('This is no colour code.')).getAttribute('role')).toBe('alert');
    expect(field().value).toBe('bluish');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    await fireEvent.blur(field());
    expect(onsave).toHaveBeenCalledOnce();
  });

  it('asks once more before it writes over what another window has put there', async () => {
    const onsave = vi.fn(() => Promise.resolve());
    const { rerender } = render(EditableText, { label: 'Name', value: 'Teal', onsave });
    await type('Harbour');
    await rerender({ value: 'Sea' });
    await fireEvent.keyDown(field(), { key: 'Enter' });
    expect(onsave).not.toHaveBeenCalled();
    expect(screen.getByText(/Meanwhile this became 'Sea'/)).toBeTruthy();
    await fireEvent.keyDown(field(), { key: 'Enter' });
    expect(onsave).toHaveBeenCalledExactlyOnceWith('Harbour');
  });
});
