package app.zumbido.server.logos;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.KeptForm;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.palette.Paint;
import app.zumbido.formats.logos.LogoPiece;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A form of the logo.
 *
 * @param way how it comes about: file, left-out, cut-out, on-ground or initials
 * @param of the form that it is made of
 * @param source id of its picture @param file name of its picture
 * @param ground hex of what an icon stands on
 * @param ratio width for one unit of height
 * @param clear clear space around it, in its heights @param clearChosen whether a person has said so
 * @param millimetres least width in print @param pixels least width on a screen, in CSS pixels
 * @param use where it is used; empty: as usual
 * @param pieces what hangs together; none where there are very many
 * @param problem why it cannot be drawn
 */
record LogoFormResponse(
        LogoForm form,
        String way,
        @Nullable LogoForm of,
        @Nullable UUID source,
        @Nullable String file,
        boolean trimmed,
        @Nullable String initials,
        @Nullable String ground,
        @Nullable IconShape shape,
        List<VersionResponse> versions,
        double ratio,
        double clear,
        boolean clearChosen,
        double millimetres,
        boolean millimetresChosen,
        int pixels,
        boolean pixelsChosen,
        String use,
        List<PieceResponse> pieces,
        @Nullable String problem) {
    static LogoFormResponse of(
            Brand brand,
            LogoForm form,
            KeptForm kept,
            @Nullable String file,
            List<VersionResponse> versions,
            MeasuredForm measured) {
        Drawn drawn = kept.drawn();
        Paint ground = drawn.paints().stream().findFirst().orElse(null);
        return new LogoFormResponse(
                form,
                way(drawn),
                drawn.madeOf().orElse(null),
                drawn instanceof Drawn.OfFile from ? from.source() : null,
                file,
                drawn instanceof Drawn.OfFile from && from.trimmed(),
                drawn instanceof Drawn.OfInitials initials ? initials.letters() : null,
                ground == null ? null : ground.resolve(brand.palette()).hex(),
                shape(drawn),
                versions,
                measured.ratio(),
                kept.measures().clear().orElse(measured.clear()),
                kept.measures().clear().isPresent(),
                kept.measures().millimetres().orElse(measured.leastMillimetres()),
                kept.measures().millimetres().isPresent(),
                kept.measures().pixels().orElse(measured.leastPixels()),
                kept.measures().pixels().isPresent(),
                kept.use(),
                measured.pieces().stream().map(PieceResponse::of).toList(),
                null);
    }

    static LogoFormResponse broken(LogoForm form, KeptForm kept, @Nullable String problem) {
        Drawn drawn = kept.drawn();
        return new LogoFormResponse(
                form,
                way(drawn),
                drawn.madeOf().orElse(null),
                null,
                null,
                false,
                drawn instanceof Drawn.OfInitials initials ? initials.letters() : null,
                null,
                shape(drawn),
                List.of(),
                1,
                0,
                false,
                1,
                false,
                1,
                false,
                kept.use(),
                List.of(),
                problem);
    }

    private static @Nullable IconShape shape(Drawn drawn) {
        if (drawn instanceof Drawn.OnGround stands) {
            return stands.shape();
        }
        return drawn instanceof Drawn.OfInitials initials ? initials.shape() : null;
    }

    private static String way(Drawn drawn) {
        if (drawn instanceof Drawn.OfFile) {
            return "file";
        }
        if (drawn instanceof Drawn.LeftOut) {
            return "left-out";
        }
        if (drawn instanceof Drawn.CutOut) {
            return "cut-out";
        }
        return drawn instanceof Drawn.OnGround ? "on-ground" : "initials";
    }

    /** @param file name of the picture that was given for it; absent: made by us @param parts the largest first */
    record VersionResponse(LogoVersion version, @Nullable String file, List<LogoPartResponse> parts) {
        static VersionResponse of(LogoVersion version, @Nullable String file, List<LogoPart> parts) {
            return new VersionResponse(
                    version, file, parts.stream().map(LogoPartResponse::of).toList());
        }
    }

    /** @param share of the area that the logo covers, 0 to 1 */
    record LogoPartResponse(String hex, double share) {
        static LogoPartResponse of(LogoPart part) {
            return new LogoPartResponse(part.color().hex(), part.share());
        }
    }

    /** Shares of the form's page, from the upper left. @param group those with the same number stand together */
    record PieceResponse(String hex, double x, double y, double width, double height, int group) {
        static PieceResponse of(LogoPiece piece) {
            return new PieceResponse(
                    piece.color().hex(),
                    piece.box().x(),
                    piece.box().y(),
                    piece.box().width(),
                    piece.box().height(),
                    piece.group());
        }
    }
}
