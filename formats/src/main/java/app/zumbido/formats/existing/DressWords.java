package app.zumbido.formats.existing;

import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressReason;
import app.zumbido.core.inspect.dress.DressWarning;
import java.util.List;
import java.util.stream.Collectors;

/** What is said about dressing, on the page and in reports. */
public final class DressWords {
    private DressWords() {}

    /** @return what a colour does in the file */
    public static String what(DressLine line) {
        String purpose = purpose(line.purpose());
        int others = line.purposes().size() - 1;
        String more = others > 0 ? " and more" : "";
        String set = line.byHand() == 0
                ? "by theme"
                : line.byHand() == line.count() ? "by hand" : "by hand " + line.byHand();
        return purpose + more + ", " + set;
    }

    private static String purpose(Purpose purpose) {
        return switch (purpose) {
            case TITLE -> "titles";
            case SUBTITLE -> "subheadings";
            case BODY -> "text";
            case BOX_TEXT -> "text in boxes";
            case TABLE_HEAD_TEXT -> "text in heads of tables";
            case TABLE_TEXT -> "text in tables";
            case SMALL_PRINT -> "feet and numbers";
            case LINK -> "links";
            case PAGE_GROUND -> "pages";
            case TITLE_BAND -> "title bands";
            case BOX_FILL -> "boxes";
            case TABLE_HEAD -> "heads of tables";
            case TABLE_BAND -> "bands of tables";
            case CELL_FILL -> "cells";
            case MARKED -> "behind words";
            case LINE -> "lines";
            case EDGE -> "edges";
            case SHAPE_FILL -> "shapes";
            case SERIES -> "series of charts";
        };
    }

    /** @return why it becomes what it becomes */
    public static String because(DressLine line) {
        String reason = because(line.reason());
        return line.perhaps() ? "perhaps: " + reason : reason;
    }

    private static String because(DressReason reason) {
        return switch (reason) {
            case CHOSEN -> "chosen here";
            case SAME -> "the brand has it";
            case THEME -> "follows the theme";
            case PAGE -> "what pages stand on";
            case TITLE_GROUND -> "what titles stand on";
            case TITLE -> "titles lead";
            case SUBTITLE -> "supports the title";
            case TEXT -> "text";
            case QUIET_TEXT -> "text, lighter";
            case TEXT_ON_DARK -> "text on dark";
            case EMPHASIS -> "emphasis";
            case LINK -> "links";
            case BOX_THAT_MATTERS -> "raises one thing: the highlight";
            case BOX -> "boxes";
            case TABLE_HEAD -> "heads of tables";
            case BAND -> "bands of tables";
            case SERIES -> "by its place in the chart order";
            case SHAPE -> "shapes";
            case LINE -> "lines";
            case NEAREST -> "the nearest";
        };
    }

    /** @return one or two sentences */
    public static String warning(DressWarning warning) {
        return switch (warning.kind()) {
            case OTHER_SIZE ->
                "The slides have other proportions than the template. They keep their size: nothing is stretched.";
            case SEVERAL_MASTERS ->
                warning.count() + " masters: " + quoted(warning.words()) + ". All of them are dressed.";
            case HIDDEN_GRAPHICS -> pages(warning.pages()) + " hide background graphics: no logo will show there.";
            case HEADINGS_WRAP ->
                "Headings on " + lower(pages(warning.pages())) + " need another line in the new face.";
            case OLD_LOGO ->
                "Another logo stands on " + lower(pages(warning.pages()))
                        + " or behind it; yours takes its place, in proportion.";
            case FONTS_BY_HAND ->
                "Set by hand: " + String.join(", ", warning.words())
                        + ". It becomes the theme’s heading and body font.";
            case PICTURES ->
                warning.count() + (warning.count() == 1 ? " picture has" : " pictures have")
                        + " colours of their own and cannot follow.";
            case NO_THEME -> "This kind of file knows no theme: colours are written in as they are.";
        };
    }

    /** @return why the template's master cannot be taken, in one sentence */
    public static String noMaster(TemplateMaster.Obstacle obstacle) {
        return switch (obstacle) {
            case NO_PRESENTATION -> "Only presentations have masters.";
            case OTHER_PROPORTIONS ->
                "The template comes in 16:9 and 4:3; on slides of other proportions its graphics would be squeezed.";
            case STRICT ->
                "The file is in the strict form of the standard and the template in the usual one: save it as .pptx in the"
                        + " usual form first.";
        };
    }

    private static String quoted(List<String> words) {
        return words.stream()
                .map(word -> word.isEmpty() ? "one without a name" : "“" + word + "”")
                .collect(Collectors.joining(", "));
    }

    private static String pages(List<Integer> pages) {
        if (pages.size() == 1) {
            return "Page " + pages.get(0);
        }
        String some = pages.stream().limit(8).map(String::valueOf).collect(Collectors.joining(", "));
        return "Pages " + some + (pages.size() > 8 ? " and " + (pages.size() - 8) + " more" : "");
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
