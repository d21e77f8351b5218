import type { ThemeWarning } from '../../api/types';
import { slotName } from '../../words/slots';

function ratio(value: number): string {
  return `${(Math.floor(value * 100) / 100).toFixed(2)}:1`;
}

/** What will be regretted in documents, in words. */
export function warningWords({ kind, slot, other, value = 0 }: ThemeWarning): string {
  const one = slotName(slot ?? '');
  const two = slotName(other ?? '');
  switch (kind) {
    case 'not-alternating':
      return `${one} is not darker than ${two}; documents expect dark on light and light on dark.`;
    case 'text-unreadable':
      return `${one} on ${two} has ${ratio(value)}; text needs 4.5:1.`;
    case 'link-unreadable':
      return `${one} on ${two} has ${ratio(value)}; a link needs 4.5:1.`;
    case 'visited-alike':
      return `A visited link is hardly told from another (difference ${value.toFixed(1)} ΔE).`;
    case 'accents-alike':
      return `${one} and ${two} are hardly told apart (difference ${value.toFixed(1)} ΔE).`;
    case 'accent-repeated':
      return `${one} repeats ${two}; that is usual where colours are few.`;
    case 'neon-tints':
      return `Documents make neon tints of ${one}.`;
    case 'default-name':
      return 'The theme is called like the brand; a name of its own finds it among many.';
  }
}
