package app.zumbido.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Measures everything and prints one table, which also goes into a file: {@code ./zumbido bench}. */
public final class Bench {
    private Bench() {}

    /** @param args the folder of the unpacked server, the folder of the built page, the file to write */
    public static void main(String[] args) throws Exception {
        List<Figure> figures = new ArrayList<>();
        figures.addAll(ExtractionBench.run());
        figures.addAll(MemoryBench.run());
        figures.addAll(RecallBench.run());
        figures.addAll(ChangeBench.run());
        figures.addAll(TypeBench.run());
        figures.addAll(HandoverBench.run());
        figures.addAll(GuideBench.run());
        figures.addAll(ExistingBench.run());
        figures.addAll(RecolorBench.run());
        figures.addAll(new ServerBench(Path.of(args[0]), Path.of(args[1])).run());
        figures.addAll(new TeamBench(Path.of(args[0])).run());
        figures.addAll(new SizeBench(Path.of(args[0])).run());

        StringBuilder table = new StringBuilder("# What was measured\n\n")
                .append("Written by `./zumbido bench` on ")
                .append(LocalDate.now())
                .append(": ")
                .append(machine())
                .append(". A goal that is missed is reported, never redefined.\n\n")
                .append("| what | value | goal | | how |\n| --- | --- | --- | --- | --- |\n");
        figures.forEach(figure -> table.append(figure.row()).append('\n'));
        System.out.println(table);
        Path report = Path.of(args[2]);
        Files.writeString(report, table + Campaigns.section(report) + Mutants.section(report));
    }

    private static String machine() throws IOException {
        String cpu = "unknown processor";
        Path info = Path.of("/proc/cpuinfo");
        if (Files.exists(info)) {
            try (Stream<String> lines = Files.lines(info)) {
                cpu = lines.filter(line -> line.startsWith("model name"))
                        .map(line -> line.substring(line.indexOf(':') + 1).strip())
                        .findFirst()
                        .orElse(cpu);
            }
        }
        Runtime runtime = Runtime.getRuntime();
        return runtime.availableProcessors() + " cores (" + cpu + "), Java " + Runtime.version() + ", heap "
                + (runtime.maxMemory() >> 20) + " MB";
    }
}
