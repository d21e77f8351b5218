package app.zumbido.core.brand.guide;

import app.zumbido.core.brand.Specimen;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Cell;
import app.zumbido.core.guide.Block.Pictured;
import app.zumbido.core.guide.Block.Portion;
import app.zumbido.core.guide.Block.Rank;
import app.zumbido.core.guide.Block.Sentence;
import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The title, mood and voice, what a site is made of, and whom to ask. */
final class PlaceSections {
    private final GuideLook look;
    private final GuideFacts facts;
    private final GuideDesign design;
    private final GuideWords words;

    PlaceSections(GuideLook look, GuideFacts facts) {
        this.look = look;
        this.facts = facts;
        design = look.brand().guide();
        words = design.words();
    }

    Content title(LogoSections logos, List<Portion> portions) {
        Specimen specimen = look.specimen();
        String line = words.line().isBlank() ? "Logo, colours, letters and how they are used." : words.line();
        return new Content.Filled(List.of(new Block.Cover(
                look.brand().name(),
                design.get(SectionKind.TITLE).heading(),
                Stream.of(line, design.get(SectionKind.TITLE).note(), words.dated())
                        .filter(text -> !text.isBlank())
                        .toList(),
                words.contact(),
                specimen.lead(),
                look.inkOn(specimen.lead()),
                logos.first(specimen.lead()),
                portions)));
    }

    Content mood() {
        List<Pictured> pictures = new ArrayList<>();
        for (MoodPicture picture : design.mood()) {
            facts.picture(picture.source())
                    .ifPresent(ratio -> pictures.add(new Pictured(
                            picture.source(),
                            ratio * picture.crop().width() / picture.crop().height(),
                            picture.crop(),
                            picture.share(),
                            "Mood picture " + (pictures.size() + 1)
                                    + (words.mood().isBlank() ? "" : ": " + words.mood()),
                            false)));
        }
        if (pictures.isEmpty()) {
            return new Content.Nothing(
                    design.mood().isEmpty()
                            ? "No pictures are chosen yet; choose some beside the sheet."
                            : "The pictures that were chosen are no longer on the sheet of sources.");
        }
        List<Block> blocks = new ArrayList<>(List.of(new Block.Pictures(pictures, design.byHand())));
        if (!words.mood().isBlank()) {
            blocks.add(Sentence.of(Rank.SMALL, words.mood()));
        }
        return new Content.Filled(blocks);
    }

    Content voice() {
        List<Block> blocks = new ArrayList<>();
        if (!words.voice().isBlank()) {
            blocks.add(new Block.Specimen(TypeRole.HEADING, 1.5, words.voice()));
        }
        if (!words.sounding().isBlank()) {
            blocks.add(Sentence.of(Rank.TEXT, words.sounding()));
        }
        return blocks.isEmpty()
                ? new Content.Nothing("Nothing is said about the voice yet; say it beside the sheet.")
                : new Content.Filled(blocks);
    }

    Content site() {
        if (look.look().colors().isEmpty()) {
            return new Content.Nothing("The theme has no colours yet; fill its slots in Theme.");
        }
        Specimen site = look.site();
        Rgb page = site.pages().get(0);
        Rgb heading = site.lettered().get(TypeRole.HEADING);
        return new Content.Filled(List.of(new Block.Table(
                List.of("Part", "Colour", "Hex", "Text on it"),
                List.of(
                        row("Page", page, Optional.of(site.texts().get(0))),
                        row("Heading", heading == null ? site.texts().get(0) : heading, Optional.empty()),
                        row("Button", site.lead(), Optional.of(site.onLead())),
                        row("Button, pointed at", site.besideLead(), Optional.of(look.inkOn(site.besideLead()))),
                        row("Link", site.link(), Optional.empty()),
                        row("Visited link", site.followedLink(), Optional.empty())))));
    }

    private List<Cell> row(String part, Rgb color, Optional<Rgb> text) {
        String name = look.name(color);
        return List.of(
                Cell.of(part),
                new Cell(name.startsWith("#") ? "a step of the theme" : name, Optional.of(color), false),
                Cell.code(color.digits()),
                text.map(ink -> Cell.of(look.name(ink).startsWith("#") ? ink.digits() : look.name(ink)))
                        .orElse(Cell.of("")));
    }

    Content files() {
        return words.files().isBlank()
                ? new Content.Nothing("Nothing says where the files are; say it beside the sheet.")
                : new Content.Filled(List.of(new Sentence(words.files(), Rank.TEXT, target(words.files()))));
    }

    Content contact() {
        if (words.contact().isBlank()) {
            return new Content.Nothing("Nobody is named whom one could ask; name somebody beside the sheet.");
        }
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Sentence(words.contact(), Rank.TEXT, target(words.contact())));
        if (!words.dated().isBlank()) {
            blocks.add(Sentence.of(Rank.SMALL, words.dated()));
        }
        return new Content.Filled(blocks);
    }

    /** @return an address where the words are one and nothing else; empty: they lead nowhere */
    private static String target(String said) {
        String text = said.strip();
        if (text.isEmpty() || text.chars().anyMatch(Character::isWhitespace)) {
            return "";
        }
        if (text.startsWith("https://") || text.startsWith("http://")) {
            return text;
        }
        int at = text.indexOf('@');
        return at > 0 && text.indexOf('.', at) > at + 1 ? "mailto:" + text : "";
    }
}
