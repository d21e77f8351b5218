package app.zumbido.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Since when nobody has named a file. Copies of the database may still name it, so it goes only after a while. */
final class UnnamedFiles {
    private final Path ledger;
    private final Map<String, Instant> before;
    private final Map<String, Instant> after = new TreeMap<>();

    private UnnamedFiles(Path ledger, Map<String, Instant> before) {
        this.ledger = ledger;
        this.before = before;
    }

    static UnnamedFiles read(Path ledger) throws IOException {
        Map<String, Instant> since = new HashMap<>();
        if (Files.exists(ledger)) {
            for (String line : Files.readAllLines(ledger)) {
                String[] words = line.split(" ");
                try {
                    since.put(words[0], Instant.parse(words[words.length - 1]));
                } catch (DateTimeParseException e) {
                    // A line that was damaged begins anew.
                }
            }
        }
        return new UnnamedFiles(ledger, since);
    }

    /** @return since when, as far as anybody has noticed; never later than now, should the clock have been set back */
    Instant since(String name, Instant now) {
        Instant noticed = before.getOrDefault(name, now);
        return noticed.isAfter(now) ? now : noticed;
    }

    /** It stays for now. */
    void note(String name, Instant since) {
        after.put(name, since);
    }

    void write() throws IOException {
        List<String> lines = new ArrayList<>();
        after.forEach((name, since) -> lines.add(name + " " + since));
        Path partial = ledger.resolveSibling(ledger.getFileName() + ".new");
        Files.write(partial, lines);
        Files.move(partial, ledger, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }
}
