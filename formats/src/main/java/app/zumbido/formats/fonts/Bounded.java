package app.zumbido.formats.fonts;

import app.zumbido.formats.fonts.UnreadableFontException.Reason;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * Reads a foreign font on a thread of its own. The reader trusts its input: broken files end in any exception, in a chain of
 * parts that calls itself, or take long.
 */
final class Bounded {
    private static final long SECONDS = 15;
    /** A chain of parts that calls itself ends sooner. */
    private static final long STACK = 1L << 20;

    private Bounded() {}

    /** @throws UnreadableFontException whatever else happens */
    static <T> T run(Callable<T> reading) {
        FutureTask<T> task = new FutureTask<>(reading);
        Thread thread = new Thread(null, task, "font-reading", STACK);
        thread.setDaemon(true);
        thread.start();
        try {
            return task.get(SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            task.cancel(true);
            throw new UnreadableFontException(Reason.TOO_MUCH, "This font takes too long to read", e);
        } catch (InterruptedException e) {
            task.cancel(true);
            Thread.currentThread().interrupt();
            throw new UnreadableFontException(Reason.TOO_MUCH, "Reading this font was stopped", e);
        } catch (ExecutionException e) {
            throw unreadable(e.getCause());
        }
    }

    private static UnreadableFontException unreadable(Throwable cause) {
        if (cause instanceof UnreadableFontException known) {
            return known;
        }
        if (cause instanceof StackOverflowError || cause instanceof OutOfMemoryError) {
            return new UnreadableFontException(
                    Reason.TOO_MUCH, "A letter of this font is made of parts without end", cause);
        }
        return new UnreadableFontException(
                Reason.BROKEN, "This font file is damaged and cannot be read; export it anew", cause);
    }
}
