package app.zumbido.formats.ooxml;

import java.util.ArrayDeque;
import java.util.Iterator;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;

/**
 * Reads the next parts while the one before is walked through, in their order. No more than these few are held, however
 * many there are. What is wrong with a part is thrown when it is its turn.
 */
final class ReadAhead<T> implements AutoCloseable {
    private static final int AHEAD = 2;
    /** Longer than the largest part that is allowed takes; seconds. */
    private static final int PATIENCE = 60;

    private final Iterator<String> parts;
    private final Function<String, T> reading;
    private final Queue<Future<T>> coming = new ArrayDeque<>();
    private final ExecutorService reader = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "read-ahead");
        thread.setDaemon(true);
        return thread;
    });

    ReadAhead(List<String> parts, Function<String, T> reading) {
        this.parts = parts.iterator();
        this.reading = reading;
        ask();
    }

    private void ask() {
        while (parts.hasNext() && coming.size() < AHEAD) {
            String part = parts.next();
            coming.add(reader.submit(() -> reading.apply(part)));
        }
    }

    boolean hasNext() {
        return !coming.isEmpty();
    }

    T next() {
        Future<T> first = coming.remove();
        ask();
        try {
            return first.get();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException("A part could not be read", e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while a part was read", e);
        }
    }

    /** Whoever closes the file afterwards does not take it away from beneath a reader. */
    @Override
    public void close() {
        reader.shutdownNow();
        try {
            reader.awaitTermination(PATIENCE, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
