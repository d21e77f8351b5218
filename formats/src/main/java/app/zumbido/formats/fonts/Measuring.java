package app.zumbido.formats.fonts;

import app.zumbido.core.type.Face;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FaceMetrics;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.RunningText;
import java.util.EnumMap;
import java.util.Map;

/** Measures the letters of a face and tells from them how it is made. The thresholds are ours: no published source. */
final class Measuring {
    /** Of the letter's height: clear of a rounded end, within a foot. */
    private static final double NEAR_THE_FOOT = 0.015;

    private static final double MIDDLE = 0.5;
    private static final double WIDER_FOOT = 1.3;
    private static final double NARROWER_FOOT = 0.9;
    private static final double EVEN_STROKES = 0.7;
    private static final double STRONG_CONTRAST = 0.25;
    /** Thick strokes make thin ones look thinner. */
    private static final double STRONG_CONTRAST_OF_BOLD = 0.16;
    /** Average width of a regular sans in ems below which it is condensed. */
    private static final double NARROW = 0.395;

    private static final double NARROW_OF_BOLD = 0.407;

    private static final int PANOSE_SCRIPT = 3;
    private static final int CLASS_SCRIPTS = 10;
    private static final int SEMI_CONDENSED = 4;

    private final FontFace font;
    private final double em;

    private Measuring(FontFace font) {
        this.font = font;
        em = font.unitsPerEm();
    }

    static Face of(FontFace font) {
        Measuring measuring = new Measuring(font);
        FaceMetrics metrics = measuring.metrics();
        return new Face(font.family(), measuring.kind(metrics), font.weight(), font.isItalic(), metrics);
    }

    private FaceMetrics metrics() {
        Map<Language, Double> widths = new EnumMap<>(Language.class);
        RunningText.MEASURED.forEach(language -> widths.put(language, RunningText.width(language, font::advance) / em));
        return new FaceMetrics(
                font.ascent() / em,
                -font.descent() / em,
                font.lineGap() / em,
                font.xHeight() / em,
                font.capHeight() / em,
                RunningText.frequencyWidth(font::advance) / em,
                stem(),
                contrast(),
                widths);
    }

    /** How thick an l is, halfway up a small letter. */
    private double stem() {
        return font.has('l')
                ? Strokes.across(font.outline('l'), font.xHeight() * MIDDLE).first() / em
                : 0;
    }

    /** The top of an o over its side. */
    private double contrast() {
        if (!font.has('o')) {
            return 0;
        }
        double side = Strokes.across(font.outline('o'), font.xHeight() * MIDDLE).first();
        double top = Strokes.down(font.outline('o')).first();
        return side <= 0 || top <= 0 ? 0 : Math.min(1, top / side);
    }

    private FaceKind kind(FaceMetrics metrics) {
        if (font.has('i') && font.has('m') && font.advance('i') == font.advance('m')) {
            return FaceKind.MONO;
        }
        if (font.panose().get(0) == PANOSE_SCRIPT || font.familyClass() == CLASS_SCRIPTS) {
            return FaceKind.SCRIPT;
        }
        double foot = footOverMiddle();
        if (foot > WIDER_FOOT) {
            if (metrics.contrast() > EVEN_STROKES) {
                return FaceKind.SLAB;
            }
            double strong = isBold() ? STRONG_CONTRAST_OF_BOLD : STRONG_CONTRAST;
            return metrics.contrast() > 0 && metrics.contrast() < strong ? FaceKind.DISPLAY : FaceKind.SERIF;
        }
        if (font.widthClass() < SEMI_CONDENSED || metrics.frequencyWidth() < (isBold() ? NARROW_OF_BOLD : NARROW)) {
            return FaceKind.CONDENSED;
        }
        return foot > 0 && foot < NARROWER_FOOT ? FaceKind.ROUNDED : FaceKind.SANS;
    }

    private boolean isBold() {
        return font.weight() > (Lettering.REGULAR + Lettering.BOLD) / 2;
    }

    /** How wide the legs of an H are at the ground, over halfway to the bar: feet widen, round ends narrow. */
    private double footOverMiddle() {
        if (!font.has('H')) {
            return 0;
        }
        double foot = Strokes.across(font.outline('H'), font.capHeight() * NEAR_THE_FOOT)
                .all();
        double middle = Strokes.across(font.outline('H'), font.capHeight() * MIDDLE * MIDDLE)
                .all();
        return middle <= 0 ? 0 : foot / middle;
    }
}
