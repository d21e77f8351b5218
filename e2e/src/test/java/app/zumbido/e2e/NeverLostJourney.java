package app.zumbido.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Kills the server with signal 9 at random moments while changes and manuals come in. Everything that was answered must be
 * there afterwards, and what is there must be whole: rows, trail and snapshot of one revision, all pages of a manual or none.
 */
class NeverLostJourney {
    /** As often as asked: {@code -Dkills=500}. */
    private static final int KILLS = Math.max(2, Integer.getInteger("kills", 5));
    /** Part of the test, so that a failure can be seen again. */
    private static final long SEED = 20261125;
    /** For the report of a campaign. */
    private static final Path FOUND = Path.of("target", "kills.txt");

    @TempDir
    private Path folder;

    /** Two servers at once, each with a folder of its own: a start leaves a processor idle now and then. */
    @Test
    void everyAnsweredChangeSurvivesAKill() throws Exception {
        KillLane one = new KillLane(folder.resolve("one"), SEED, KILLS / 2);
        KillLane other = new KillLane(folder.resolve("other"), SEED + 1, KILLS - KILLS / 2);
        CompletableFuture<Void> beside = CompletableFuture.runAsync(one::go);
        other.go();
        beside.get();
        long changes = one.changes() + other.changes();
        assertThat(changes).as("changes between the kills").isGreaterThan(KILLS);
        Files.writeString(
                FOUND,
                "%d changes and %d manuals of %d pages; none is lost, none is half"
                        .formatted(changes, one.manuals() + other.manuals(), KillLane.PAGES));
    }
}
