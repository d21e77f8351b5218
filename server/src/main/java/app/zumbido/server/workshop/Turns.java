package app.zumbido.server.workshop;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Condition;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.BooleanSupplier;

/**
 * Lets so much be done at once as there is room for, in the order in which it was asked for. Whoever waits is served as long
 * as those before come to an end; where nobody has for a while, something takes long, and who waits is told to come again.
 */
public final class Turns {
    /** In the time of its patience so often is looked whether others are still only beginning. */
    private static final int LOOKS = 5;

    private final ReentrantLock lock = new ReentrantLock();
    private final Condition moved = lock.newCondition();
    private final Deque<Object> waiting = new ArrayDeque<>();
    private final long patience;
    private final BooleanSupplier heldUp;
    private int free;
    private long lastMove = System.nanoTime();

    /** @param patience for so long nobody may come to an end while others wait; milliseconds */
    public Turns(int room, long patience) {
        this(room, patience, () -> true);
    }

    /** @param heldUp whether those whose turn it is really take long, or only have begun on a busy machine */
    Turns(int room, long patience, BooleanSupplier heldUp) {
        this.free = room;
        this.patience = TimeUnit.MILLISECONDS.toNanos(patience);
        this.heldUp = heldUp;
    }

    /**
     * @param room at most what there is in all
     * @throws WorkshopException if nothing moves
     */
    public void take(int room) {
        lock.lock();
        Object turn = new Object();
        waiting.add(turn);
        try {
            long since = System.nanoTime();
            while (waiting.peek() != turn || free < room) {
                long left = patience - (System.nanoTime() - (lastMove - since > 0 ? lastMove : since));
                if (left <= 0 && heldUp.getAsBoolean()) {
                    throw WorkshopException.busy();
                }
                moved.awaitNanos(left > 0 ? left : patience / LOOKS);
            }
            free -= room;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw WorkshopException.busy();
        } finally {
            waiting.remove(turn);
            moved.signalAll();
            lock.unlock();
        }
    }

    /** Whether anybody waits. */
    boolean isAwaited() {
        lock.lock();
        try {
            return !waiting.isEmpty();
        } finally {
            lock.unlock();
        }
    }

    /** Gives back what was taken. */
    public void give(int room) {
        lock.lock();
        try {
            free += room;
            lastMove = System.nanoTime();
            moved.signalAll();
        } finally {
            lock.unlock();
        }
    }
}
