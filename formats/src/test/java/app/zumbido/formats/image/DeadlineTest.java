package app.zumbido.formats.image;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class DeadlineTest {
    @Test
    void stopsWhatIsStillBeingDoneAndRemembersThat() throws InterruptedException {
        CountDownLatch stopped = new CountDownLatch(1);
        try (Deadline deadline = Deadline.of(Duration.ofMillis(1), stopped::countDown)) {
            assertThat(stopped.await(30, TimeUnit.SECONDS)).isTrue();
            assertThat(deadline.hasPassed()).isTrue();
        }
    }

    @Test
    void leavesWhatHasComeToAnEndAlone() throws InterruptedException {
        AtomicInteger stops = new AtomicInteger();
        Deadline deadline = Deadline.of(Duration.ofMillis(50), stops::incrementAndGet);
        deadline.close();
        CountDownLatch later = new CountDownLatch(1);
        // The same clock rings in turn, so that the first would have rung before.
        try (Deadline after = Deadline.of(Duration.ofMillis(100), later::countDown)) {
            assertThat(later.await(30, TimeUnit.SECONDS)).isTrue();
            assertThat(after.hasPassed()).isTrue();
        }
        assertThat(stops).hasValue(0);
        assertThat(deadline.hasPassed()).isFalse();
    }
}
