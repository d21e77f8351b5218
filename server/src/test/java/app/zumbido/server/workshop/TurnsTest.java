package app.zumbido.server.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

class TurnsTest {
    /** Longer than any of these tests takes; milliseconds. */
    private static final long LONG = 60_000;

    private static CompletableFuture<Void> begun(Runnable work) {
        return CompletableFuture.runAsync(work, command -> new Thread(command).start());
    }

    @Test
    void whoeverWaitsIsServedWhenRoomIsGivenBack() throws Exception {
        Turns turns = new Turns(2, LONG);
        turns.take(2);
        CompletableFuture<Void> waiting = begun(() -> turns.take(1));
        assertThat(waiting).isNotDone();
        turns.give(2);
        waiting.get(10, TimeUnit.SECONDS);
    }

    @Test
    void whereNothingMovesOneIsToldToComeAgain() {
        Turns turns = new Turns(1, 50);
        turns.take(1);
        assertThatThrownBy(() -> turns.take(1)).isInstanceOf(WorkshopException.class);
        turns.give(1);
        turns.take(1);
    }

    /** On a busy machine ordinary work takes long by the clock. */
    @Test
    void whoeverWaitsBehindOrdinaryWorkIsServed() throws Exception {
        AtomicBoolean heldUp = new AtomicBoolean();
        Turns turns = new Turns(1, 50, heldUp::get);
        turns.take(1);
        CompletableFuture<Void> waiting = begun(() -> turns.take(1));
        Thread.sleep(300);
        assertThat(waiting).isNotDone();
        heldUp.set(true);
        assertThatThrownBy(() -> waiting.get(10, TimeUnit.SECONDS)).hasCauseInstanceOf(WorkshopException.class);
    }

    /** Every end of somebody else's work is a reason to wait on. */
    @Test
    void whoeverWaitsBehindOthersThatComeToAnEndIsServed() throws Exception {
        Turns turns = new Turns(1, 400);
        turns.take(1);
        CompletableFuture<Void> waiting = begun(() -> turns.take(1));
        for (int i = 0; i < 6; i++) {
            Thread.sleep(150);
            // A piece of room comes free that is not enough for the one who waits.
            turns.give(0);
        }
        assertThat(waiting).isNotDone();
        turns.give(1);
        waiting.get(10, TimeUnit.SECONDS);
    }

    @Test
    void aLargeOneIsNotPassedBySmallOnes() throws Exception {
        Turns turns = new Turns(3, LONG);
        turns.take(1);
        CompletableFuture<Void> large = begun(() -> turns.take(3));
        while (!turns.isAwaited()) {
            Thread.onSpinWait();
        }
        CompletableFuture<Void> small = begun(() -> turns.take(1));
        assertThat(small).isNotDone();
        turns.give(1);
        large.get(10, TimeUnit.SECONDS);
        assertThat(small).isNotDone();
        turns.give(3);
        small.get(10, TimeUnit.SECONDS);
    }
}
