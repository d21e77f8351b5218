package app.zumbido.server.type;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.RunningText;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.FontProgram;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.formats.fonts.FaceDrawer;
import app.zumbido.formats.fonts.FontFace;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The faces that a brand is set in, for those who write files. */
@Component
public class SetFaces {
    private final Fonts fonts;
    private final ShippedMeasures shipped;

    SetFaces(Fonts fonts, ShippedMeasures shipped) {
        this.fonts = fonts;
        this.shipped = shipped;
    }

    /** @return nothing if there is no file of the role's face */
    public Optional<Letters> letters(Brand brand, TypeRole role) {
        Lettering lettering = brand.type().get(role);
        Language language = RunningText.measuring(brand.type().languages());
        return fonts.nearest(brand.id(), lettering).map(face -> {
            List<StandIn> standIns = Arrays.stream(Place.values())
                    .flatMap(place -> shipped.standIns().of(lettering, face.face(), place, language).stream())
                    .toList();
            return new Letters(face.face(), face.facts().panose(), standIns);
        });
    }

    /** @return the faces of a family that may be put into documents which others edit: one of each style, as TrueType */
    public List<FontProgram> programs(Brand brand, String family) {
        Map<String, FaceAtHand> styles = new LinkedHashMap<>();
        for (boolean italic : new boolean[] {false, true}) {
            for (int weight : new int[] {Lettering.REGULAR, Lettering.BOLD}) {
                fonts.embeddable(brand.id(), family, weight, italic)
                        .ifPresent(face -> styles.put(weight + " " + italic, face));
            }
        }
        return styles.values().stream()
                .map(face -> new FontProgram(
                        isBold(face), face.face().italic(), face.font().standalone()))
                .filter(program -> program.file()[0] == 0)
                .toList();
    }

    private static boolean isBold(FaceAtHand face) {
        return face.face().weight() >= (Lettering.REGULAR + Lettering.BOLD) / 2;
    }

    /** @return the nearest face of a family that there is a file of */
    public Optional<FontFace> face(Brand brand, String family, int weight, boolean italic) {
        return fonts.nearest(brand.id(), family, weight, italic).map(FaceAtHand::font);
    }

    /** @return what draws words in the role's face; nothing if there is no file of it */
    public Optional<FaceDrawer> drawer(Brand brand, TypeRole role) {
        return fonts.nearest(brand.id(), brand.type().get(role)).map(face -> new FaceDrawer(face.font()));
    }
}
