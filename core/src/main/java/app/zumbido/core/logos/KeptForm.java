package app.zumbido.core.logos;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * One form of a brand's logo.
 *
 * @param own by version the picture that was given for it; the others are made by us
 * @param measures that a person has chosen
 * @param use where it is used, in words, at most 200 characters; empty: as usual
 */
public record KeptForm(Drawn drawn, Map<LogoVersion, UUID> own, LogoMeasures measures, String use)
        implements Painted<KeptForm> {
    public static final int LONGEST_USE = 200;

    public KeptForm {
        if (use.length() > LONGEST_USE) {
            throw new IllegalArgumentException("Where a form is used is said in " + LONGEST_USE + " characters");
        }
        Map<LogoVersion, UUID> inOrder = new EnumMap<>(LogoVersion.class);
        inOrder.putAll(own);
        own = Collections.unmodifiableMap(inOrder);
    }

    public static KeptForm of(Drawn drawn) {
        return new KeptForm(drawn, Map.of(), LogoMeasures.MEASURED, "");
    }

    /** The same form from elsewhere: what was said of it stays, what was made for the former drawing does not. */
    KeptForm drawn(Drawn other) {
        return drawn.isSamePicture(other)
                ? new KeptForm(other, own, measures, use)
                : new KeptForm(other, Map.of(), LogoMeasures.MEASURED, use);
    }

    /** @param source nothing: made by us */
    KeptForm with(LogoVersion version, Optional<UUID> source) {
        Map<LogoVersion, UUID> files = new EnumMap<>(LogoVersion.class);
        files.putAll(own);
        source.ifPresentOrElse(id -> files.put(version, id), () -> files.remove(version));
        return new KeptForm(drawn, files, measures, use);
    }

    KeptForm measuring(LogoMeasures chosen) {
        return new KeptForm(drawn, own, chosen, use);
    }

    KeptForm used(String words) {
        return new KeptForm(drawn, own, measures, words);
    }

    /** @param pictures the same pictures under other ids */
    KeptForm over(UnaryOperator<UUID> pictures) {
        Map<LogoVersion, UUID> files = new EnumMap<>(LogoVersion.class);
        own.forEach((version, source) -> files.put(version, pictures.apply(source)));
        Drawn from = drawn instanceof Drawn.OfFile file
                ? new Drawn.OfFile(pictures.apply(file.source()), file.trimmed())
                : drawn;
        return new KeptForm(from, files, measures, use);
    }

    @Override
    public KeptForm repainted(UnaryOperator<Paint> change) {
        return new KeptForm(drawn.repainted(change), own, measures, use);
    }
}
