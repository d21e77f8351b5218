package app.zumbido.server.logos;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.GuideFacts.MeasuredLogo;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.KeptForm;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoGround;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.logos.LogoStanding;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.fonts.FaceDrawer;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.logos.Outlines;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.type.SetFaces;
import app.zumbido.server.workshop.HeapShare;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Draws the forms of brands' logos. Drawing takes up to a second, so what was drawn is kept for a while. */
@Component
public class BrandLogos {
    private static final long MOST_DRAWN = 400;
    private static final long MOST_PAINTED = Math.min(32_000_000, HeapShare.bytes(0.03));

    private final LogoSources sources;
    private final SetFaces faces;
    private final Cache<DrawnKey, FormDrawing> drawn =
            Caffeine.newBuilder().maximumSize(MOST_DRAWN).build();
    private final Cache<FormDrawing, MeasuredForm> measured =
            Caffeine.newBuilder().maximumSize(MOST_DRAWN).build();
    /** By what it is and how wide, weighed in bytes. */
    private final Cache<Map.Entry<FormDrawing, Integer>, byte[]> painted = Caffeine.newBuilder()
            .maximumWeight(MOST_PAINTED)
            .<Map.Entry<FormDrawing, Integer>, byte[]>weigher((key, png) -> png.length)
            .build();

    private final Cache<FormDrawing, List<LogoPart>> parts =
            Caffeine.newBuilder().maximumSize(MOST_DRAWN).build();

    BrandLogos(LogoSources sources, SetFaces faces) {
        this.sources = sources;
        this.faces = faces;
    }

    /**
     * Everything that says how something is drawn.
     *
     * @param version nothing: the form as it is
     * @param under what it is made of, and the colours and letters that it follows
     */
    private record DrawnKey(UUID brand, Drawn drawn, Optional<LogoVersion> version, List<Object> under) {}

    /**
     * @return a version of a form; nothing if the brand's logo does not come in it
     * @throws app.zumbido.server.http.ApiException if what it is made of cannot be drawn
     */
    public Optional<LogoPicture> picture(Brand brand, LogoForm form, LogoVersion version) {
        return brand.logos().find(form).map(kept -> new Kept(version(brand, form, version)));
    }

    /** Pictures of it are painted once, however many files show them. */
    private final class Kept implements LogoPicture {
        private final FormDrawing form;
        private final LogoPicture picture;

        Kept(FormDrawing form) {
            this.form = form;
            this.picture = form.picture();
        }

        @Override
        public double ratio() {
            return picture.ratio();
        }

        @Override
        public byte[] svg() {
            return picture.svg();
        }

        @Override
        public byte[] png(int width) {
            return BrandLogos.this.png(form, width);
        }
    }

    /** @return a form in the version that is to be used on a ground; nothing if there is none that can be drawn */
    public Optional<LogoPicture> pictureOn(Brand brand, LogoForm form, Rgb ground) {
        return new StandingsOnGrounds(brand, this)
                .chosen(form, new LogoGround.Flat(ground))
                .flatMap(chosen -> picture(brand, form, chosen.version()));
    }

    /** @return every version of a form on a ground, the one to be used first; none of a form that cannot be drawn */
    public List<LogoStanding> standings(Brand brand, LogoForm form, Rgb ground) {
        return new StandingsOnGrounds(brand, this).ranked(form, new LogoGround.Flat(ground));
    }

    /** @return what somebody has said about its room and size, else what is measured; nothing if it cannot be drawn */
    public Optional<MeasuredLogo> measures(Brand brand, LogoForm form) {
        return brand.logos().find(form).flatMap(kept -> {
            try {
                MeasuredForm found = measured(version(brand, form, LogoVersion.LIGHT));
                return Optional.of(new MeasuredLogo(
                        found.ratio(),
                        kept.measures().clear().orElse(found.clear()),
                        kept.measures().millimetres().orElse(found.leastMillimetres()),
                        kept.measures().pixels().orElse(found.leastPixels())));
            } catch (ApiException e) {
                // Logos says of a form that it cannot be drawn; the guide does without it.
                return Optional.empty();
            }
        });
    }

    /** @throws app.zumbido.core.logos.UnknownFormException if the brand's logo does not come in it */
    FormDrawing version(Brand brand, LogoForm form, LogoVersion version) {
        KeptForm kept = brand.logos().get(form);
        UUID own = kept.own().get(version);
        if (own != null) {
            boolean trimmed = kept.drawn() instanceof Drawn.OfFile file && file.trimmed();
            return drawn(brand, brand.logos(), new Drawn.OfFile(own, trimmed));
        }
        FormDrawing as = drawn(brand, brand.logos(), kept.drawn());
        if (version == LogoVersion.LIGHT) {
            return as;
        }
        Tones tones = Tones.of(brand);
        DrawnKey key = new DrawnKey(
                brand.id(), kept.drawn(), Optional.of(version), List.of(as.mark(), under(brand, kept.drawn()), tones));
        return drawn.get(key, missing -> as.made(version, tones));
    }

    /** @param logos of the brand, perhaps not kept yet */
    FormDrawing drawn(Brand brand, LogoSet logos, Drawn from) {
        // What it is made of is drawn before: whoever asks a cache from within that cache may wait for himself.
        Optional<LogoDrawing> made = from.madeOf()
                .map(of -> drawn(brand, logos, logos.get(of).drawn()).mark());
        List<Object> under = new ArrayList<>(under(brand, from));
        made.ifPresent(under::add);
        return drawn.get(new DrawnKey(brand.id(), from, Optional.empty(), under), missing -> draw(brand, from, made));
    }

    /** @return the colour and the letters that it follows, as they are now */
    private static List<Object> under(Brand brand, Drawn from) {
        if (from instanceof Drawn.OnGround stands) {
            return List.of(stands.ground().resolve(brand.palette()));
        }
        return from instanceof Drawn.OfInitials initials
                ? List.of(initials.ground().resolve(brand.palette()), lettering(brand), Tones.of(brand))
                : List.of();
    }

    private static Lettering lettering(Brand brand) {
        return brand.type().get(TypeRole.LOGO);
    }

    private FormDrawing draw(Brand brand, Drawn from, Optional<LogoDrawing> made) {
        if (from instanceof Drawn.OfFile file) {
            LogoDrawing drawing = drawing(brand, file.source());
            return new FormDrawing.Mark(file.trimmed() ? drawing.trimmed() : drawing);
        }
        if (from instanceof Drawn.OfInitials initials) {
            Rgb ground = initials.ground().resolve(brand.palette());
            return new FormDrawing.OnGround(word(brand, initials.letters(), ground), ground, initials.shape());
        }
        LogoDrawing mark = made.orElseThrow();
        if (from instanceof Drawn.OnGround stands) {
            return new FormDrawing.OnGround(mark, stands.ground().resolve(brand.palette()), stands.shape());
        }
        LogoDrawing left = from instanceof Drawn.CutOut cut
                ? mark.within(cut.cutting())
                : mark.without(((Drawn.LeftOut) from).cuttings());
        return new FormDrawing.Mark(left);
    }

    private LogoDrawing drawing(Brand brand, UUID source) {
        try {
            return sources.drawing(brand.id(), source);
        } catch (UnreadableImageException e) {
            throw new LogoException(String.valueOf(e.getMessage()));
        }
    }

    /** In the light or the dark tone, whichever is seen better. */
    private LogoDrawing word(Brand brand, String letters, Rgb ground) {
        FaceDrawer drawer = faces.drawer(brand, TypeRole.LOGO)
                .filter(face -> face.has(letters))
                .orElseThrow(() -> new LogoException(
                        "There is no file of the face " + lettering(brand).family() + " with the letters " + letters
                                + "; choose another face in Type"));
        Tones tones = Tones.of(brand);
        boolean light =
                ContrastRatio.between(tones.light(), ground).compareTo(ContrastRatio.between(tones.dark(), ground))
                        >= 0;
        double spacing = lettering(brand).tracking() / 1000.0;
        return Outlines.drawing(drawer.word(letters, spacing), light ? tones.light() : tones.dark());
    }

    /** @param width in pixels @return a PNG on a transparent ground */
    byte[] png(FormDrawing form, int width) {
        return painted.get(Map.entry(form, width), key -> form.picture().png(width));
    }

    /** @return how thin its strokes are, and what it is made of */
    MeasuredForm measured(FormDrawing form) {
        return measured.get(form, one -> MeasuredForm.of(one.drawing()));
    }

    /** @return what has one colour, the largest first */
    List<LogoPart> parts(FormDrawing form) {
        return parts.get(form, one -> one.drawing().parts());
    }
}
