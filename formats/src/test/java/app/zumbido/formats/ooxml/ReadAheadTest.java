package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ReadAheadTest {
    private static final List<String> PARTS =
            IntStream.range(0, 20).mapToObj(Integer::toString).toList();

    @Test
    void partsComeInTheirOrderAndAFewAreReadAhead() {
        AtomicInteger begun = new AtomicInteger();
        List<Integer> taken = new ArrayList<>();
        try (ReadAhead<Integer> ahead = new ReadAhead<>(PARTS, part -> {
            begun.incrementAndGet();
            return Integer.valueOf(part);
        })) {
            while (ahead.hasNext()) {
                taken.add(ahead.next());
                assertThat(begun.get()).isLessThanOrEqualTo(taken.size() + 2);
            }
        }
        assertThat(taken).hasSize(PARTS.size()).isSorted();
    }

    @Test
    void whatIsWrongWithAPartIsToldWhenItIsItsTurn() {
        try (ReadAhead<String> ahead = new ReadAhead<>(PARTS, part -> {
            if (part.equals("1")) {
                throw new UnreadableImageException(Reason.BROKEN, "Part 1 is damaged");
            }
            return part;
        })) {
            assertThat(ahead.next()).isEqualTo("0");
            assertThatThrownBy(ahead::next)
                    .isInstanceOf(UnreadableImageException.class)
                    .hasMessage("Part 1 is damaged");
        }
    }

    @Test
    void whoeverStopsWaitsForNobody() {
        AtomicInteger read = new AtomicInteger();
        try (ReadAhead<String> ahead = new ReadAhead<>(PARTS, part -> {
            read.incrementAndGet();
            return part;
        })) {
            ahead.next();
        }
        int whenClosed = read.get();
        assertThat(whenClosed).isLessThan(PARTS.size());
        assertThat(read.get()).as("nothing is read after closing").isEqualTo(whenClosed);
    }
}
