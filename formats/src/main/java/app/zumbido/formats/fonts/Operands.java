package app.zumbido.formats.fonts;

import java.util.Arrays;

/** The numbers of a charstring that wait for their command. */
final class Operands {
    /** No subroutine has this number, and a fraction calls none. */
    private static final int FRACTION = Integer.MIN_VALUE / 2;

    private int[] numbers = new int[64];
    private int count;

    int count() {
        return count;
    }

    void add(int number) {
        if (count == numbers.length) {
            numbers = Arrays.copyOf(numbers, 2 * count);
        }
        numbers[count++] = number;
    }

    void addFraction() {
        add(FRACTION);
    }

    /** @return the last one, which waits no more */
    int take() {
        count--;
        return numbers[count];
    }

    void clear() {
        count = 0;
    }
}
