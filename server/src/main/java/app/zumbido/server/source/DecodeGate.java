package app.zumbido.server.source;

import app.zumbido.formats.archive.Archive;
import app.zumbido.server.workshop.Turns;
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
    private static final double SHARE = 0.4;
    /** Share of the heap that files may take that have come in and are looked at. */
    private static final double FILES_SHARE = 0.2;

    private static final int MEGABYTE = 1 << 20;
    /** A picture at the limit is decoded in less, also where the machine has much else to do; milliseconds. */
    private static final long PATIENCE = 3_000;
    /** A part stands in memory as bytes, as text, and as what is made of it. */
    private static final long COPIES = 3;
    /** What is done with a file that comes in may itself have to wait for its turn; milliseconds. */
    private static final long FILES_PATIENCE = 30_000;

    private final int megabytes;
    private final Turns turns;
    private final int fileMegabytes;
    private final Turns files;

    DecodeGate() {
        this(Runtime.getRuntime().maxMemory());
    }

    DecodeGate(long heap) {
        megabytes = Math.max(1, (int) (heap * SHARE / MEGABYTE));
        // In turn, so that a large picture is not passed by small ones for ever.
        turns = new Turns(megabytes, PATIENCE);
        fileMegabytes = Math.max(1, (int) (heap * FILES_SHARE / MEGABYTE));
        files = new Turns(fileMegabytes, FILES_PATIENCE);
    }

    /** Does something with a whole file in memory, and with one part after the other of what is packed. */
    public <T> T holding(byte[] file, Supplier<T> work) {
        long unpacked = Archive.isZip(file) ? COPIES * Archive.largestPart(file) : 0;
        int needed = (int) Math.min(fileMegabytes, Math.max(file.length, unpacked) / MEGABYTE + 1);
        files.take(needed);
        try {
            return work.get();
        } finally {
            files.give(needed);
        }
    }

    /**
     * @param pixels in the picture
     * @throws app.zumbido.server.workshop.WorkshopException if others take long and nothing moves
     */
    public <T> T pass(long pixels, Supplier<T> decode) {
        int needed = (int) Math.min(megabytes, pixels * BYTES_A_PIXEL / MEGABYTE + 1);
        turns.take(needed);
        try {
            return decode.get();
        } finally {
            turns.give(needed);
        }
    }
}
