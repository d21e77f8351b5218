package app.zumbido.server.trail.form;

import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.guide.GuideSection;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Share;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import java.util.List;
import java.util.UUID;

/** What is decided about a style guide. */
record Guide11(
        SheetFormat format,
        boolean lying,
        Spacing spacing,
        int board,
        List<Section11> sections,
        Words11 words,
        List<Picture11> mood,
        boolean byHand) {
    record Section11(SectionKind kind, boolean shown, Share share, String title, String note) {}

    record Words11(
            String line, String voice, String sounding, String mood, String files, String contact, String dated) {}

    record Picture11(UUID source, double x, double y, double width, double height, Share share) {}

    static Guide11 of(GuideDesign design) {
        Sheet sheet = design.sheet();
        GuideWords words = design.words();
        return new Guide11(
                sheet.format(),
                sheet.lying(),
                sheet.spacing(),
                sheet.board(),
                design.sections().stream()
                        .map(section -> new Section11(
                                section.kind(), section.shown(), section.share(), section.title(), section.note()))
                        .toList(),
                new Words11(
                        words.line(),
                        words.voice(),
                        words.sounding(),
                        words.mood(),
                        words.files(),
                        words.contact(),
                        words.dated()),
                design.mood().stream()
                        .map(picture -> new Picture11(
                                picture.source(),
                                picture.crop().x(),
                                picture.crop().y(),
                                picture.crop().width(),
                                picture.crop().height(),
                                picture.share()))
                        .toList(),
                design.byHand());
    }

    GuideDesign design() {
        return new GuideDesign(
                new Sheet(format, lying, spacing, board),
                GuideDesign.completed(sections.stream()
                        .map(section -> new GuideSection(
                                section.kind, section.shown, section.share, section.title, section.note))
                        .toList()),
                new GuideWords(
                        words.line, words.voice, words.sounding, words.mood, words.files, words.contact, words.dated),
                mood.stream()
                        .map(picture -> new MoodPicture(
                                picture.source,
                                new MoodPicture.Crop(picture.x, picture.y, picture.width, picture.height),
                                picture.share))
                        .toList(),
                byHand);
    }
}
