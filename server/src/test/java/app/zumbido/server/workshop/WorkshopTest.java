package app.zumbido.server.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.server.ZumbidoApplication;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Real processes. */
class WorkshopTest {
    @TempDir
    private Path onItsWay;

    private Workshop workshop;

    @BeforeEach
    void open() {
        workshop = workshopWith(Duration.ofSeconds(2));
    }

    private Workshop workshopWith(Duration budget) {
        return new Workshop(budget, ZumbidoApplication.class.getName(), onItsWay);
    }

    record Sum(int one, int other) implements Task<Integer> {
        @Override
        public Integer run() {
            return one + other;
        }
    }

    record WhichProcess() implements Task<Long> {
        @Override
        public Long run() {
            return ProcessHandle.current().pid();
        }
    }

    /** As a shading may be that is a program. */
    record Endless() implements Task<Integer> {
        @Override
        @SuppressWarnings("InfiniteLoopStatement")
        public Integer run() {
            long number = 1;
            while (true) {
                number = number * 31 + 7;
                if (number == 0) {
                    System.err.println(number);
                }
            }
        }
    }

    record Hungry() implements Task<Integer> {
        @Override
        public Integer run() {
            List<long[]> all = new ArrayList<>();
            while (all.size() < Integer.MAX_VALUE) {
                all.add(new long[1 << 20]);
            }
            return all.size();
        }
    }

    record Nested() implements Task<Integer> {
        private static int deeper(int depth) {
            return deeper(depth + 1) + 1;
        }

        @Override
        public Integer run() {
            return deeper(0);
        }
    }

    /** As libraries do with fonts. */
    record Littering() implements Task<String> {
        @Override
        public String run() {
            try {
                return Files.createTempFile("font", null).toString();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    record Damaged() implements Task<Integer> {
        @Override
        public Integer run() {
            throw new UnreadableImageException(Reason.BROKEN, "It is cut off");
        }
    }

    record Wrong() implements Task<Integer> {
        @Override
        public Integer run() {
            throw new IllegalArgumentException("nobody thought of that");
        }
    }

    record Talkative() implements Task<Integer> {
        @Override
        public Integer run() {
            System.out.println("a library says something");
            return 5;
        }
    }

    @AfterEach
    void close() {
        workshop.destroy();
    }

    @Test
    void aTaskIsDoneInAnotherProcessWhichStaysForTheNext() {
        assertThat(workshop.run(new Sum(2, 3))).isEqualTo(5);
        long first = workshop.run(new WhichProcess());
        assertThat(first).isNotEqualTo(ProcessHandle.current().pid());
        assertThat(workshop.run(new WhichProcess())).isEqualTo(first);
    }

    @Test
    void whatIsWrongWithAFileIsToldAsIfItWereReadHere() {
        assertThatThrownBy(() -> workshop.run(new Damaged()))
                .isInstanceOfSatisfying(UnreadableImageException.class, thrown -> {
                    assertThat(thrown.reason()).isEqualTo(Reason.BROKEN);
                    assertThat(thrown).hasMessage("It is cut off");
                });
        assertThatThrownBy(() -> workshop.run(new Nested())).isInstanceOf(UnreadableImageException.class);
        assertThatThrownBy(() -> workshop.run(new Wrong()))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("nobody thought of that");
        assertThat(workshop.run(new Talkative())).isEqualTo(5);
    }

    @Test
    void whatTakesTooLongIsEndedWithItsProcessAndTheNextGoesOn() {
        long before = workshop.run(new WhichProcess());
        assertThatThrownBy(() -> workshop.run(new Endless()))
                .isInstanceOf(WorkshopException.class)
                .hasMessageContaining("stopped after 2 seconds");
        assertThat(ProcessHandle.of(before).map(ProcessHandle::isAlive).orElse(false))
                .isFalse();
        assertThat(workshop.run(new Sum(1, 1))).isEqualTo(2);
    }

    /** Where there are no large pages Java says so, on standard output. */
    @Test
    void whatJavaItselfHasToSayDoesNotStandInAnswers() throws IOException {
        Worker worker = Worker.start(
                new WorkerCommand(ZumbidoApplication.class.getName(), onItsWay, List.of("-XX:+UseLargePages")));
        assertThat(worker.ask(new Sum(2, 3))).isEqualTo(new Outcome.Done(5));
        worker.stop();
    }

    @Test
    void whatAWorkerPutsOnTheDiskGoesWithIt() {
        Path left = Path.of(workshop.run(new Littering()));
        assertThat(left).startsWith(onItsWay).exists();
        assertThatThrownBy(() -> workshop.run(new Endless())).isInstanceOf(WorkshopException.class);
        long patience = System.nanoTime() + Duration.ofSeconds(20).toNanos();
        while (Files.exists(left.getParent()) && System.nanoTime() < patience) {
            Thread.onSpinWait();
        }
        assertThat(left.getParent()).doesNotExist();
    }

    @Test
    void whatTakesTooMuchMemoryEndsOnlyItsOwnProcess() {
        assertThatThrownBy(() -> workshop.run(new Hungry()))
                .isInstanceOf(WorkshopException.class)
                .hasMessageContaining("too much memory");
        assertThat(workshop.run(new Sum(1, 1))).isEqualTo(2);
    }

    /** Where every worker is held up, others are told at once to come again, and are served then. */
    @Test
    void othersDoNotWaitForWhatDoesNotEnd() {
        // Longer than the two may begin apart from each other, and a second more.
        Workshop patient = workshopWith(Duration.ofSeconds(6));
        List<CompletableFuture<Void>> hogs = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            hogs.add(CompletableFuture.runAsync(
                    () -> assertThatThrownBy(() -> patient.run(new Endless())).isInstanceOf(WorkshopException.class),
                    command -> new Thread(command).start()));
        }
        while (!patient.isFull()) {
            Thread.onSpinWait();
        }
        assertThatThrownBy(() -> patient.run(new Sum(1, 1)))
                .isInstanceOf(WorkshopException.class)
                .hasMessageContaining("ask again");
        hogs.forEach(CompletableFuture::join);
        assertThat(patient.run(new Sum(1, 1))).isEqualTo(2);
        patient.destroy();
    }

    /** A process that idles may end, as when the machine needs its memory. */
    @Test
    void aWorkerThatIsGoneIsReplaced() throws Exception {
        ProcessHandle worker =
                ProcessHandle.of(workshop.run(new WhichProcess())).orElseThrow();
        worker.destroyForcibly();
        worker.onExit().get();
        assertThat(workshop.run(new Sum(1, 1))).isEqualTo(2);
    }
}
