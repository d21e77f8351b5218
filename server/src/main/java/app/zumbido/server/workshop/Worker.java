package app.zumbido.server.workshop;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.ObjectInputStream;
import java.io.ObjectOutputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;

/** A process that does tasks, one at a time. */
final class Worker {
    private static final int BUFFER = 1 << 16;
    /** A process whose pipes have closed is about to end. */
    private static final long GRACE_MILLIS = 500;

    private final Process process;
    private final ObjectOutputStream out;
    private final ObjectInputStream in;
    private volatile Instant idleSince = Instant.now();
    private volatile boolean fresh = true;

    private Worker(Process process) throws IOException {
        this.process = process;
        this.out = new ObjectOutputStream(new BufferedOutputStream(process.getOutputStream(), BUFFER));
        out.flush();
        this.in = new ObjectInputStream(new BufferedInputStream(process.getInputStream(), BUFFER));
    }

    static Worker start(WorkerCommand program) throws IOException {
        Process process = program.start();
        try {
            return new Worker(process);
        } catch (IOException e) {
            process.destroyForcibly();
            throw e;
        }
    }

    /** @throws IOException if the process ends before it answers */
    Outcome ask(Task<?> task) throws IOException {
        out.writeObject(task);
        out.reset();
        out.flush();
        try {
            Outcome outcome = (Outcome) in.readObject();
            fresh = false;
            return outcome;
        } catch (ClassNotFoundException e) {
            throw new IllegalStateException("A worker is made of the same classes", e);
        } finally {
            idleSince = Instant.now();
        }
    }

    /** @return what it has used of the processor so far; nothing where the system does not tell */
    Duration used() {
        return process.info().totalCpuDuration().orElse(Duration.ZERO);
    }

    /** Whether it has never answered, so that what it does next includes loading the libraries. */
    boolean isFresh() {
        return fresh;
    }

    boolean hasIdledSince(Instant time) {
        return idleSince.isBefore(time);
    }

    /** @return with which number it ended */
    int end() {
        try {
            // One that ends by itself says why by its number.
            if (!process.waitFor(GRACE_MILLIS, TimeUnit.MILLISECONDS)) {
                process.destroyForcibly();
            }
            return process.waitFor();
        } catch (InterruptedException e) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
            return -1;
        }
    }

    /** Ends it in the middle of whatever it does. */
    void stop() {
        process.destroyForcibly();
    }
}
