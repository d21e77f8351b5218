package app.zumbido.formats.image;

import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;

/** Stops something from outside that takes too long. */
final class Deadline implements AutoCloseable {
    private static final ScheduledExecutorService CLOCK = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "deadline");
        thread.setDaemon(true);
        return thread;
    });

    private final ScheduledFuture<?> alarm;
    private volatile boolean passed;

    private Deadline(Duration time, Runnable stop) {
        this.alarm = CLOCK.schedule(
                () -> {
                    passed = true;
                    stop.run();
                },
                time.toMillis(),
                TimeUnit.MILLISECONDS);
    }

    /** @param stop makes the work come to an end; called by another thread, at most once */
    static Deadline of(Duration time, Runnable stop) {
        return new Deadline(time, stop);
    }

    boolean hasPassed() {
        return passed;
    }

    @Override
    public void close() {
        alarm.cancel(false);
    }
}
