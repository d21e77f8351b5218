package app.zumbido.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

/** Counts, room by room, how many small wrong changes to the core a test noticed: {@code ./zumbido mutants}. */
public final class Mutants {
    /** What {@link Bench} leaves standing when it writes the file anew. */
    static final String HEADING = "## Small wrong changes that a test noticed";

    private static final String CORE = "app.zumbido.core.";
    private static final double GOAL = 0.88;
    private static final Map<String, Double> OTHER_GOALS = Map.of("extraction", 0.65);

    private Mutants() {}

    private static final class Room {
        private int made;
        private int noticed;
        private final List<String> unnoticed = new ArrayList<>();
    }

    /** @param args the file whose section is written anew, where what nobody noticed is listed, reports of the tool */
    public static void main(String[] args) throws Exception {
        Map<String, Room> rooms = new TreeMap<>();
        for (String report : Arrays.asList(args).subList(2, args.length)) {
            read(Path.of(report), rooms);
        }
        StringBuilder section = new StringBuilder(HEADING)
                .append("\n\nWritten by `./zumbido mutants` on ")
                .append(LocalDate.now())
                .append(
                        ". A condition turned round, a number or an operator changed, an answer emptied, one at a time; ")
                .append("the tests of the core run against each.\n\n")
                .append("| room of the core | noticed | goal | |\n| --- | --- | --- | --- |\n");
        List<String> unnoticed = new ArrayList<>();
        rooms.forEach((name, room) -> {
            double goal = OTHER_GOALS.getOrDefault(name, GOAL);
            double share = (double) room.noticed / room.made;
            section.append(String.format(
                    Locale.ROOT,
                    "| %s | %.1f %% (%d of %d) | at least %.0f %% | %s |%n",
                    name,
                    100 * share,
                    room.noticed,
                    room.made,
                    100 * goal,
                    share >= goal ? "met" : "**missed**"));
            unnoticed.addAll(room.unnoticed);
        });
        System.out.println(section);
        Path report = Path.of(args[0]);
        Files.writeString(report, before(report) + section);
        Files.write(Path.of(args[1]), unnoticed);
        System.out.println("What nobody noticed, line by line: " + args[1]);
    }

    /** What stands in the file before the section, with one empty line after it. */
    private static String before(Path report) throws IOException {
        String text = Files.exists(report) ? Files.readString(report) : "";
        int at = text.indexOf(HEADING);
        return (at < 0 ? text : text.substring(0, at)).stripTrailing() + "\n\n";
    }

    /** The section as it stands in the file, or nothing. */
    static String section(Path report) throws IOException {
        String text = Files.exists(report) ? Files.readString(report) : "";
        int at = text.indexOf(HEADING);
        return at < 0 ? "" : "\n" + text.substring(at);
    }

    private static void read(Path report, Map<String, Room> rooms)
            throws IOException, ParserConfigurationException, SAXException {
        NodeList mutations = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(report.toFile())
                .getElementsByTagName("mutation");
        for (int i = 0; i < mutations.getLength(); i++) {
            Element mutation = (Element) mutations.item(i);
            String type = text(mutation, "mutatedClass");
            String inCore = type.substring(CORE.length());
            Room room = rooms.computeIfAbsent(inCore.substring(0, inCore.indexOf('.')), name -> new Room());
            room.made++;
            if (Boolean.parseBoolean(mutation.getAttribute("detected"))) {
                room.noticed++;
            } else {
                room.unnoticed.add(inCore + ":" + text(mutation, "lineNumber") + " " + text(mutation, "mutatedMethod")
                        + ": " + text(mutation, "description"));
            }
        }
    }

    private static String text(Element mutation, String name) {
        return mutation.getElementsByTagName(name).item(0).getTextContent();
    }
}
