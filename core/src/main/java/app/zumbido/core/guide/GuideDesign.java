package app.zumbido.core.guide;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * What somebody has decided about the style guide.
 *
 * @param sections every kind once, in the order in which they stand
 * @param mood in their order
 * @param byHand whether mood pictures are as wide as somebody says; otherwise they stand in rows of equal height
 */
public record GuideDesign(
        Sheet sheet, List<GuideSection> sections, GuideWords words, List<MoodPicture> mood, boolean byHand) {
    public static final int MOST_PICTURES = 24;

    public static final GuideDesign USUAL = new GuideDesign(
            Sheet.USUAL,
            Arrays.stream(SectionKind.values()).map(GuideSection::usual).toList(),
            GuideWords.NONE,
            List.of(),
            false);

    public GuideDesign {
        sections = List.copyOf(sections);
        mood = List.copyOf(mood);
        Set<SectionKind> kinds = EnumSet.noneOf(SectionKind.class);
        sections.forEach(section -> kinds.add(section.kind()));
        if (kinds.size() != SectionKind.values().length || sections.size() != kinds.size()) {
            throw new IllegalArgumentException("A guide has every section once, shown or not");
        }
        if (mood.size() > MOST_PICTURES) {
            throw new IllegalArgumentException("A guide has at most " + MOST_PICTURES + " mood pictures");
        }
    }

    /** @param some sections in their order; kinds that it lacks stand behind, as usual: so that old guides get new sections */
    public static List<GuideSection> completed(List<GuideSection> some) {
        List<GuideSection> all = new ArrayList<>(some);
        Arrays.stream(SectionKind.values())
                .filter(kind -> some.stream().noneMatch(section -> section.kind() == kind))
                .map(GuideSection::usual)
                .forEach(all::add);
        return all;
    }

    public GuideSection get(SectionKind kind) {
        return sections.get(placeOf(kind));
    }

    public int placeOf(SectionKind kind) {
        return sections.stream().map(GuideSection::kind).toList().indexOf(kind);
    }

    public GuideDesign on(Sheet other) {
        return new GuideDesign(other, sections, words, mood, byHand);
    }

    public GuideDesign with(GuideSection section) {
        List<GuideSection> changed = new ArrayList<>(sections);
        changed.set(placeOf(section.kind()), section);
        return new GuideDesign(sheet, changed, words, mood, byHand);
    }

    /** @param place 0 is the first @throws IllegalArgumentException if there is no such place */
    public GuideDesign moving(SectionKind kind, int place) {
        if (place < 0 || place >= sections.size()) {
            throw new IllegalArgumentException("A guide has " + sections.size() + " places for sections");
        }
        List<GuideSection> changed = new ArrayList<>(sections);
        changed.add(place, changed.remove(placeOf(kind)));
        return new GuideDesign(sheet, changed, words, mood, byHand);
    }

    public GuideDesign saying(GuideWords other) {
        return new GuideDesign(sheet, sections, other, mood, byHand);
    }

    public GuideDesign with(List<MoodPicture> pictures, boolean arrangedByHand) {
        return new GuideDesign(sheet, sections, words, pictures, arrangedByHand);
    }

    /** @param pictures the same pictures under other ids */
    public GuideDesign over(UnaryOperator<UUID> pictures) {
        return with(
                mood.stream()
                        .map(picture ->
                                new MoodPicture(pictures.apply(picture.source()), picture.crop(), picture.share()))
                        .toList(),
                byHand);
    }
}
