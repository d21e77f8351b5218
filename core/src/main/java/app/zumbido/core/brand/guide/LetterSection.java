package app.zumbido.core.brand.guide;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Cell;
import app.zumbido.core.guide.Block.Rank;
import app.zumbido.core.guide.Block.Sentence;
import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.RunningText;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/** The faces of a brand, set in themselves. */
final class LetterSection {
    private static final List<TypeRole> ROLES = List.of(TypeRole.HEADING, TypeRole.SUBHEADING, TypeRole.BODY);
    private static final int MOST_SAMPLE = 340;

    private final FontSet type;
    private final GuideFacts facts;

    LetterSection(GuideLook look, GuideFacts facts) {
        type = look.brand().type();
        this.facts = facts;
    }

    Content letters() {
        List<Block> blocks = new ArrayList<>();
        long families =
                ROLES.stream().map(role -> type.get(role).family()).distinct().count();
        blocks.add(Sentence.of(
                Rank.LEAD, families == 1 ? "One face for everything." : families == 2 ? "Two faces." : "Three faces."));
        for (Map.Entry<String, List<TypeRole>> family : byFamily().entrySet()) {
            TypeRole role = family.getValue().get(0);
            blocks.add(new Block.Specimen(role, role == TypeRole.BODY ? 3 : 4, family.getKey()));
            family.getValue().forEach(other -> blocks.add(Sentence.of(Rank.SMALL, said(other))));
            if (role == TypeRole.HEADING) {
                blocks.add(new Block.Specimen(TypeRole.HEADING, 2, "Headings are set like this"));
            }
            if (family.getValue().contains(TypeRole.SUBHEADING)) {
                blocks.add(new Block.Specimen(TypeRole.SUBHEADING, 1.35, "And what stands beneath them like this"));
            }
            if (family.getValue().contains(TypeRole.BODY)) {
                blocks.add(new Block.Columns(sample()));
            }
        }
        type.logo()
                .ifPresent(logo -> blocks.add(Sentence.of(
                        Rank.SMALL, logo.family() + " is the logo's own face; nothing else is set in it.")));
        blocks.add(new Block.Subtitle("Sizes"));
        blocks.add(sizes());
        blocks.add(new Block.Subtitle("The letters"));
        alphabet().forEach(line -> blocks.add(Sentence.of(Rank.TEXT, line)));
        return new Content.Filled(blocks);
    }

    private Map<String, List<TypeRole>> byFamily() {
        return ROLES.stream()
                .collect(Collectors.groupingBy(
                        role -> type.get(role).family(), LinkedHashMap::new, Collectors.toList()));
    }

    private String said(TypeRole role) {
        Lettering lettering = type.get(role);
        String missing =
                facts.hasFace(role) ? "" : " There is no file of it here, so this is set in a face that is near to it.";
        return word(role) + ": " + weight(lettering) + (lettering.italic() ? " Italic" : "")
                + (lettering.capitals() == Capitals.AS_WRITTEN ? "" : ", in capitals")
                + (lettering.tracking() == 0 ? "" : ", tracked by " + lettering.tracking() + " thousandths of an em")
                + "." + standIns(role) + missing;
    }

    private String standIns(TypeRole role) {
        Map<String, String> places = new LinkedHashMap<>();
        for (StandIn standIn : facts.standIns(role)) {
            String family = standIn.face().family()
                    + (Math.round(standIn.size() * 100) == 100 ? "" : " set at " + GuideNames.percent(standIn.size()));
            places.merge(family, GuideNames.of(standIn.place()), (one, other) -> one + ", " + other);
        }
        return places.isEmpty()
                ? ""
                : " While it is missing: "
                        + places.entrySet().stream()
                                .map(entry -> places.size() == 1
                                        ? entry.getKey()
                                        : entry.getKey() + " (" + entry.getValue() + ")")
                                .collect(Collectors.joining(", "))
                        + ".";
    }

    private static String word(TypeRole role) {
        return switch (role) {
            case HEADING -> "Heading";
            case SUBHEADING -> "Subheading";
            case BODY -> "Body";
            case LOGO -> "Logo";
        };
    }

    /** Names of weights: CSS Fonts 4, 2.2.1. */
    private static String weight(Lettering lettering) {
        String[] names = {
            "Thin", "Extra light", "Light", "Regular", "Medium", "Semi-bold", "Bold", "Extra bold", "Black"
        };
        int place = Math.max(1, Math.min(9, Math.round(lettering.weight() / 100f)));
        return names[place - 1];
    }

    /** Whole sentences, so that it does not stop in the middle of a word. */
    private String sample() {
        String text = RunningText.sample(RunningText.measuring(type.languages()));
        int end = text.lastIndexOf('.', MOST_SAMPLE);
        return end > 0 ? text.substring(0, end + 1) : text;
    }

    private Block sizes() {
        List<String> heads = new ArrayList<>(List.of("For"));
        ROLES.forEach(role -> heads.add(word(role)));
        return new Block.Table(
                heads,
                List.of(
                        row("Slides", " pt", role -> type.get(role).sizes().slides()),
                        row("Letters", " pt", role -> type.get(role).sizes().letters()),
                        row("Site", " px", role -> type.get(role).sizes().site())));
    }

    private static List<Cell> row(String place, String unit, ToDoubleFunction<TypeRole> size) {
        List<Cell> row = new ArrayList<>(List.of(Cell.of(place)));
        ROLES.forEach(role -> row.add(Cell.of(GuideNames.number(size.applyAsDouble(role)) + unit)));
        return row;
    }

    /** With the letters that the brand's languages need besides. */
    private List<String> alphabet() {
        String further = type.languages().stream()
                .flatMap(language -> language.letters().stream())
                .filter(letter -> letter > 127)
                .distinct()
                .map(Character::toString)
                .collect(Collectors.joining());
        List<String> lines = new ArrayList<>(
                List.of("ABCDEFGHIJKLMNOPQRSTUVWXYZ", "abcdefghijklmnopqrstuvwxyz", "0123456789 & % @ ? ! ( ) “ ”"));
        if (!further.isEmpty()) {
            lines.add(1, further);
        }
        return lines;
    }
}
