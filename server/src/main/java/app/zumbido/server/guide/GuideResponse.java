package app.zumbido.server.guide;

import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.guide.GuideSection;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Share;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.formats.guide.Guide;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A style guide.
 *
 * @param sheet what it is laid out on
 * @param sections every one, in its order
 * @param words what the brand says of itself
 * @param mood the pictures in their order
 * @param byHand whether they are as wide as is said
 */
record GuideResponse(
        GuideSheetResponse sheet,
        List<GuideSectionResponse> sections,
        GuideWordsResponse words,
        List<MoodPictureResponse> mood,
        boolean byHand,
        List<GuidePageResponse> pages) {
    static GuideResponse of(Guide guide) {
        GuideDesign design = guide.look().brand().guide();
        Map<SectionKind, Integer> begins = guide.layout().begins();
        return new GuideResponse(
                GuideSheetResponse.of(design.sheet()),
                design.sections().stream()
                        .map(section -> GuideSectionResponse.of(
                                section, guide.content().sections().get(section.kind()), begins.get(section.kind())))
                        .toList(),
                GuideWordsResponse.of(design.words()),
                design.mood().stream().map(MoodPictureResponse::of).toList(),
                design.byHand(),
                guide.layout().pages().stream()
                        .map(page -> GuidePageResponse.of(guide, page))
                        .toList());
    }

    /** @param board width of a board, in points */
    record GuideSheetResponse(SheetFormat format, boolean lying, Spacing spacing, int board) {
        static GuideSheetResponse of(Sheet sheet) {
            return new GuideSheetResponse(sheet.format(), sheet.lying(), sheet.spacing(), sheet.board());
        }
    }

    /**
     * @param title empty: the usual one
     * @param page that it begins on, 1 first; absent where it is not laid out
     * @param missing what it lacks, so that it has nothing to say; absent where it has
     */
    record GuideSectionResponse(
            SectionKind kind,
            boolean shown,
            Share share,
            String title,
            String usualTitle,
            String note,
            @Nullable Integer page,
            @Nullable String missing) {
        static GuideSectionResponse of(GuideSection section, @Nullable Content content, @Nullable Integer page) {
            return new GuideSectionResponse(
                    section.kind(),
                    section.shown(),
                    section.share(),
                    section.title(),
                    section.kind().usualTitle(),
                    section.note(),
                    page,
                    content instanceof Content.Nothing nothing ? nothing.reason() : null);
        }
    }

    record GuideWordsResponse(
            String line, String voice, String sounding, String mood, String files, String contact, String dated) {
        static GuideWordsResponse of(GuideWords words) {
            return new GuideWordsResponse(
                    words.line(),
                    words.voice(),
                    words.sounding(),
                    words.mood(),
                    words.files(),
                    words.contact(),
                    words.dated());
        }
    }

    /** @param x of the crop, as a share of the picture */
    record MoodPictureResponse(UUID source, double x, double y, double width, double height, Share share) {
        static MoodPictureResponse of(MoodPicture picture) {
            MoodPicture.Crop crop = picture.crop();
            return new MoodPictureResponse(
                    picture.source(), crop.x(), crop.y(), crop.width(), crop.height(), picture.share());
        }
    }
}
