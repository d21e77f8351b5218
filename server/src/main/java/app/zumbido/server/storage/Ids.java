package app.zumbido.server.storage;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/** Makes ids that sort by the time they were made: UUID version 7, RFC 9562, 5.7. */
@Component
public class Ids {
    private static final int COUNTER_BITS = 12;

    private final SecureRandom random = new SecureRandom();
    private final Clock clock;
    /** Milliseconds and the counter in them. */
    private final AtomicLong last = new AtomicLong();

    public Ids(Clock clock) {
        this.clock = clock;
    }

    /** Each sorts behind the one before, also within a millisecond and when the clock is set back. Source: RFC 9562, 6.2. */
    public UUID next() {
        long wanted = clock.millis() << COUNTER_BITS | random.nextInt(1 << COUNTER_BITS - 1);
        long stamp = last.accumulateAndGet(wanted, (before, now) -> Math.max(before + 1, now));
        long high = stamp >>> COUNTER_BITS << 16 | 0x7000 | stamp & (1 << COUNTER_BITS) - 1;
        long low = 0x8000_0000_0000_0000L | random.nextLong() >>> 2;
        return new UUID(high, low);
    }
}
