package app.zumbido.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.zumbido.server.http.EventStreams;
import app.zumbido.server.storage.DataFolder;
import app.zumbido.server.storage.Ids;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** What is kept, and how much. */
@Timeout(value = 30, unit = TimeUnit.SECONDS)
class JobsKeptTest {
    private static final Instant NOON = Instant.parse("2026-01-01T12:00:00Z");

    @TempDir
    private Path folder;

    private final Clock clock = mock(Clock.class);
    private final CountDownLatch release = new CountDownLatch(1);
    private final CountDownLatch written = new CountDownLatch(1);
    private Jobs jobs;

    /** Waits to be let go. */
    private final class Held implements JobWork {
        @Override
        public String fileName() {
            return "held.txt";
        }

        @Override
        public String mediaType() {
            return "text/plain";
        }

        @Override
        public void write(OutputStream out, Runnable step) throws IOException {
            out.write(1);
            written.countDown();
            try {
                release.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }

    @BeforeEach
    void begin() {
        when(clock.instant()).thenReturn(NOON);
        DataFolder data = mock(DataFolder.class);
        when(data.onItsWay()).thenReturn(folder);
        jobs = new Jobs(new EventStreams(), new Ids(clock), clock, data);
    }

    @AfterEach
    void end() {
        release.countDown();
        jobs.destroy();
    }

    @Test
    void forgetsAJobAnHourAfterItsEnd() throws InterruptedException {
        Job job = jobs.start(new Held());
        release.countDown();
        while (!job.state().isOver()) {
            Thread.sleep(1);
        }
        when(clock.instant()).thenReturn(NOON.plus(Duration.ofMinutes(59)));
        jobs.sweep();
        assertThat(jobs.find(job.id())).isSameAs(job);
        assertThat(job.file()).exists();

        when(clock.instant()).thenReturn(NOON.plus(Duration.ofMinutes(61)));
        jobs.sweep();
        assertThatThrownBy(() -> jobs.find(job.id())).isInstanceOf(UnknownJobException.class);
        assertThat(job.file()).doesNotExist();
    }

    @Test
    void keepsAJobThatIsStillRunning() throws InterruptedException {
        Job job = jobs.start(new Held());
        written.await();
        when(clock.instant()).thenReturn(NOON.plus(Duration.ofDays(1)));
        jobs.sweep();
        assertThat(jobs.find(job.id())).isSameAs(job);
    }

    @Test
    void takesNoMoreThanFifty() {
        for (int i = 0; i < 50; i++) {
            jobs.start(new Held());
        }
        assertThatThrownBy(() -> jobs.start(new Held())).isInstanceOf(JobException.class);
    }
}
