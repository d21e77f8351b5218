package app.zumbido.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobTest {
    private static final Instant NOON = Instant.parse("2026-01-01T12:00:00Z");
    private static final Clock CLOCK = Clock.fixed(NOON, ZoneOffset.UTC);
    private static final int BLOCK = 1 << 16;
    private static final int BLOCKS = 20;

    @TempDir
    private Path folder;

    private final List<String> told = new ArrayList<>();

    private interface Writing {
        void write(Job job, OutputStream out) throws IOException;
    }

    private Job job(Writing writing) {
        Job[] self = new Job[1];
        JobWork work = new JobWork() {
            @Override
            public String fileName() {
                return "a.txt";
            }

            @Override
            public String mediaType() {
                return "text/plain";
            }

            @Override
            public void write(OutputStream out, Runnable step) throws IOException {
                writing.write(self[0], out);
            }
        };
        self[0] =
                new Job(new UUID(0, 1), work, folder.resolve("job"), job -> told.add(job.state() + " " + job.bytes()));
        return self[0];
    }

    private static void writeBlocks(OutputStream out) throws IOException {
        for (int i = 0; i < BLOCKS; i++) {
            out.write(new byte[BLOCK]);
        }
    }

    @Test
    void tellsHowFarItIsNotAtEveryWritingAndLeavesItsFile() throws IOException {
        Job job = job((self, out) -> writeBlocks(out));
        job.run(CLOCK);
        assertThat(job.state()).isEqualTo(JobState.DONE);
        assertThat(job.endedAt()).contains(NOON);
        assertThat(job.file()).hasSize(BLOCK * BLOCKS);
        assertThat(told)
                .containsExactly(
                        "RUNNING 0",
                        "RUNNING 262144",
                        "RUNNING 524288",
                        "RUNNING 786432",
                        "RUNNING 1048576",
                        "RUNNING 1310720",
                        "DONE 1310720");
    }

    @Test
    void stopsAtTheNextCheckpointAndLeavesNothing() throws IOException {
        Job job = job((self, out) -> {
            out.write(1);
            self.stop(NOON);
            out.write(2);
            throw new AssertionError("went on");
        });
        job.run(CLOCK);
        assertThat(job.state()).isEqualTo(JobState.STOPPED);
        assertThat(job.file()).doesNotExist();
        assertThat(job.bytes()).isEqualTo(1);
    }

    /** Zip and XML libraries do it. */
    @Test
    void isStoppedAlsoWhereALibraryWrapsWhatLeadsOut() throws IOException {
        Job job = job((self, out) -> {
            self.stop(NOON);
            try {
                out.write(1);
            } catch (JobStoppedException e) {
                throw new IOException("wrapped", e);
            }
        });
        job.run(CLOCK);
        assertThat(job.state()).isEqualTo(JobState.STOPPED);
    }

    @Test
    void neverBeginsIfItWasStoppedWhileItWaited() throws IOException {
        Job job = job((self, out) -> out.write(1));
        job.stop(NOON);
        job.run(CLOCK);
        assertThat(told).containsExactly("STOPPED 0");
        assertThat(job.file()).doesNotExist();
    }

    @Test
    void failsWithoutLeavingHalfAFile() {
        Job job = job((self, out) -> {
            out.write(1);
            throw new IllegalStateException("broken");
        });
        assertThatThrownBy(() -> job.run(CLOCK)).hasMessage("broken");
        assertThat(job.state()).isEqualTo(JobState.FAILED);
        assertThat(job.file()).doesNotExist();
    }
}
