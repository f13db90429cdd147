import { describe, expect, it } from 'vitest';
import { tooLarge } from './large';

describe('a large file', () => {
  it('is taken up to the bytes the server takes, and not one more', () => {
    expect(tooLarge({ name: 'a.csv', size: 2_097_152 }, 2_097_152)).toBeNull();
    const trouble = tooLarge({ name: 'a.csv', size: 2_097_153 }, 2_097_152);
    expect(trouble?.status).toBe(413);
    expect(trouble?.detail).toContain('a.csv is larger than is taken here (2 MB)');
    expect(trouble?.detail).toContain('Nothing was sent');
  });
});
