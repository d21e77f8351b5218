package app.zumbido.server.storage;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes ids that sort by the time they were made: UUID version 7, RFC 9562, 5.7. */
@Component
public class Ids {
    private final SecureRandom random = new SecureRandom();
    private final Clock clock;

    public Ids(Clock clock) {
        this.clock = clock;
    }

    public UUID next() {
        long high = clock.millis() << 16 | 0x7000 | random.nextInt(1 << 12);
        long low = 0x8000_0000_0000_0000L | random.nextLong() >>> 2;
        return new UUID(high, low);
    }
}
