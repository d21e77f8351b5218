package app.zumbido.server.job;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;

/** One piece of long work, from its request to its file. */
final class Job {
    /** Telling of every writing would take longer than the work; bytes. */
    private static final long TOLD_EVERY = 1 << 18;

    private final UUID id;
    private final JobWork work;
    private final Path file;
    private final Consumer<Job> listener;
    private JobState state = JobState.WAITING;
    private long bytes;
    private int steps;
    private boolean stopAsked;
    private Optional<Instant> endedAt = Optional.empty();

    /**
     * @param file where it writes; there only once it is done
     * @param listener is told of every state, and how far it is in between
     */
    Job(UUID id, JobWork work, Path file, Consumer<Job> listener) {
        this.id = id;
        this.work = work;
        this.file = file;
        this.listener = listener;
    }

    UUID id() {
        return id;
    }

    JobWork work() {
        return work;
    }

    Path file() {
        return file;
    }

    synchronized JobState state() {
        return state;
    }

    /** @return how much of the file has been written */
    synchronized long bytes() {
        return bytes;
    }

    synchronized int stepsDone() {
        return steps;
    }

    synchronized Optional<Instant> endedAt() {
        return endedAt;
    }

    /** Ends at its next checkpoint, or at once if it has not begun. */
    void stop(Instant now) {
        boolean waiting;
        synchronized (this) {
            stopAsked = true;
            waiting = state == JobState.WAITING;
        }
        if (waiting) {
            end(JobState.STOPPED, now);
        }
    }

    private synchronized boolean isStopAsked() {
        return stopAsked;
    }

    private synchronized boolean begin() {
        if (state != JobState.WAITING) {
            return false;
        }
        state = JobState.RUNNING;
        return true;
    }

    /** @throws IOException if what is left of a file cannot be cleared away */
    void run(Clock clock) throws IOException {
        if (!begin()) {
            return;
        }
        listener.accept(this);
        JobState last = JobState.FAILED;
        try (OutputStream out = new Checkpoints(Files.newOutputStream(file))) {
            work.write(out, this::step);
            out.flush();
            try (InputStream made = Files.newInputStream(file)) {
                work.done(made);
            }
            last = JobState.DONE;
        } catch (IOException | RuntimeException e) {
            // Libraries wrap what leads out of them in exceptions of their own.
            last = isStopAsked() ? JobState.STOPPED : JobState.FAILED;
            if (last == JobState.FAILED) {
                throw e;
            }
        } finally {
            if (last != JobState.DONE) {
                Files.deleteIfExists(file);
            }
            end(last, clock.instant());
        }
    }

    private void step() {
        if (isStopAsked()) {
            throw new JobStoppedException();
        }
        synchronized (this) {
            steps++;
        }
        listener.accept(this);
    }

    private void end(JobState last, Instant now) {
        synchronized (this) {
            if (state.isOver()) {
                return;
            }
            state = last;
            endedAt = Optional.of(now);
        }
        listener.accept(this);
    }

    /** Counts what is written, and throws when the job has been stopped. */
    private final class Checkpoints extends FilterOutputStream {
        private long told;

        Checkpoints(OutputStream out) {
            super(out);
        }

        @Override
        public void write(int b) throws IOException {
            pass(1);
            out.write(b);
        }

        @Override
        public void write(byte[] buffer, int offset, int length) throws IOException {
            pass(length);
            out.write(buffer, offset, length);
        }

        private void pass(int more) {
            if (isStopAsked()) {
                throw new JobStoppedException();
            }
            long written;
            synchronized (Job.this) {
                bytes += more;
                written = bytes;
            }
            if (written - told >= TOLD_EVERY) {
                told = written;
                listener.accept(Job.this);
            }
        }
    }
}
