package app.zumbido.server.source;

import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Lets only as many pictures be decoded at once as memory holds. A large one waits for the others and then goes alone;
 * small ones go side by side.
 */
@Component
public class DecodeGate {
    /** What a decoder and the samples take for a pixel at most, while both stand in memory; bytes. */
    private static final int BYTES_A_PIXEL = 12;
    /** Share of the heap that pictures on their way may take. */
    private static final double SHARE = 0.5;

    private static final int MEGABYTE = 1 << 20;

    private final int megabytes;
    private final Semaphore free;

    DecodeGate() {
        this(Runtime.getRuntime().maxMemory());
    }

    DecodeGate(long heap) {
        megabytes = Math.max(1, (int) (heap * SHARE / MEGABYTE));
        // Fair, so that a large picture is not passed by small ones for ever.
        free = new Semaphore(megabytes, true);
    }

    /** @param pixels in the picture */
    public <T> T pass(long pixels, Supplier<T> decode) {
        int needed = (int) Math.min(megabytes, pixels * BYTES_A_PIXEL / MEGABYTE + 1);
        free.acquireUninterruptibly(needed);
        try {
            return decode.get();
        } finally {
            free.release(needed);
        }
    }
}
