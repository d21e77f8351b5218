package app.zumbido.server.guide;

import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.guide.GuideSection;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Share;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked of a guide. */
final class GuideRequests {
    private GuideRequests() {}

    /** @param board width of a board, in points; absent: as usual */
    record GuideSheetRequest(
            @NotNull SheetFormat format,
            boolean lying,
            @NotNull Spacing spacing,

            @Nullable @Min(Sheet.NARROWEST_BOARD) @Max(Sheet.WIDEST_BOARD)
            Integer board) {
        Sheet sheet() {
            return new Sheet(format, lying, spacing, board == null ? Sheet.USUAL.board() : board);
        }
    }

    /** @param title empty: the usual one @param note empty: none */
    record GuideSectionRequest(
            @Nullable Boolean shown,
            @Nullable Share share,

            @Nullable @Size(max = GuideSection.LONGEST_TITLE)
            String title,

            @Nullable @Size(max = GuideSection.LONGEST_NOTE) String note) {
        GuideSection changed(GuideSection was) {
            return new GuideSection(
                    was.kind(),
                    shown == null ? was.shown() : shown,
                    share == null ? was.share() : share,
                    title == null ? was.title() : title.strip(),
                    note == null ? was.note() : note.strip());
        }
    }

    /** @param place 0 is the first */
    record SectionPlaceRequest(int place) {
        GuideChange of(SectionKind section) {
            try {
                return new GuideChange.MoveSection(section, place);
            } catch (IllegalArgumentException e) {
                throw new GuideException(e);
            }
        }
    }

    /** Each may be empty. */
    record GuideWordsRequest(
            @NotNull @Size(max = GuideWords.LONGEST) String line,
            @NotNull @Size(max = GuideWords.LONGEST) String voice,

            @NotNull @Size(max = GuideWords.LONGEST_SOUNDING)
            String sounding,

            @NotNull @Size(max = GuideWords.LONGEST) String mood,
            @NotNull @Size(max = GuideWords.LONGEST) String files,
            @NotNull @Size(max = GuideWords.LONGEST) String contact,
            @NotNull @Size(max = GuideWords.LONGEST) String dated) {
        GuideWords words() {
            return new GuideWords(
                    line.strip(),
                    voice.strip(),
                    sounding.strip(),
                    mood.strip(),
                    files.strip(),
                    contact.strip(),
                    dated.strip());
        }
    }

    /** @param byHand whether they are as wide as is said; otherwise they stand in rows of equal height */
    record GuideMoodRequest(
            @NotNull @Size(max = GuideDesign.MOST_PICTURES) List<@Valid @NotNull MoodPictureRequest> pictures,
            boolean byHand) {
        List<MoodPicture> chosen() {
            return pictures.stream().map(MoodPictureRequest::picture).toList();
        }
    }

    /** @param x of the crop, as a share of the picture; x, y, width and height absent: the whole picture */
    record MoodPictureRequest(
            @NotNull UUID source,
            @Nullable Double x,
            @Nullable Double y,
            @Nullable Double width,
            @Nullable Double height,
            @Nullable Share share) {
        MoodPicture picture() {
            try {
                MoodPicture.Crop whole = MoodPicture.Crop.WHOLE;
                return new MoodPicture(
                        source,
                        new MoodPicture.Crop(
                                x == null ? whole.x() : x,
                                y == null ? whole.y() : y,
                                width == null ? whole.width() : width,
                                height == null ? whole.height() : height),
                        share == null ? Share.THIRD : share);
            } catch (IllegalArgumentException e) {
                throw new GuideException(e);
            }
        }
    }
}
