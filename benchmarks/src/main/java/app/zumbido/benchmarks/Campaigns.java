package app.zumbido.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** What takes too long for every run is tried as often as somebody asks for: {@code ./zumbido bench --fuzz 5000}. */
final class Campaigns {
    private static final String HEADING = "## Campaigns";
    private static final List<String> EMPTY = List.of(
            HEADING,
            "",
            "Written by `./zumbido bench --kills N` and `./zumbido bench --fuzz N`, the newest first.",
            "",
            "| what | value | goal | | how |",
            "| --- | --- | --- | --- | --- |",
            "");

    private Campaigns() {}

    /** @param args what is tried, as {@code fuzz} or {@code told}; for the first folder of the server and how often */
    public static void main(String[] args) throws Exception {
        Path report = Path.of(args[1]);
        if (args[0].equals("fuzz")) {
            add(report, FuzzCampaign.run(Path.of(args[2]), Integer.parseInt(args[3])));
        } else {
            add(report, new Figure(args[2], args[3], args[4], true, args[5]));
        }
    }

    /** The line takes the place of the last one of the same campaign. */
    private static void add(Path report, Figure figure) throws IOException {
        System.out.println(figure.row());
        String kind = figure.what().replaceFirst("^[0-9,]+ ", "");
        List<String> lines = new ArrayList<>(Files.readAllLines(report));
        lines.removeIf(line -> line.replaceFirst("^\\| [0-9,]+ ", "| ").startsWith("| " + kind + " |"));
        int heading = lines.indexOf(HEADING);
        if (heading < 0) {
            // Before the sections that others write.
            int others = (int) lines.stream().takeWhile(line -> !line.startsWith("## ")).count();
            lines.addAll(others, EMPTY);
            heading = others;
        }
        lines.add(heading + EMPTY.size() - 1, figure.row().replaceFirst(" \\|$", "; " + LocalDate.now() + " |"));
        Files.write(report, lines);
    }

    /** The section as it stands in the file, or nothing. */
    static String section(Path report) throws IOException {
        String text = Files.exists(report) ? Files.readString(report) : "";
        int at = text.indexOf(HEADING);
        if (at < 0) {
            return "";
        }
        int next = text.indexOf("\n## ", at + 1);
        return "\n" + text.substring(at, next < 0 ? text.length() : next).stripTrailing() + "\n";
    }
}
