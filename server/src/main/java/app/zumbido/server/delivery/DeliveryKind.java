package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.formats.css.CssProperties;
import app.zumbido.formats.ooxml.PresentationTemplate;
import app.zumbido.formats.text.CodeSheet;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import org.springframework.http.MediaType;

/** What can be handed over. */
enum DeliveryKind {
    /** The size stands in the name: applying the wrong one spoils graphics. */
    PRESENTATION_WIDE(
            "-16x9.potx",
            "application/vnd.openxmlformats-officedocument.presentationml.template",
            PresentationTemplate::wide),
    CSS(".css", "text/css;charset=UTF-8", (brand, time) -> utf8(CssProperties.write(brand))),
    TEXT("-codes.txt", "text/plain;charset=UTF-8", (brand, time) -> utf8(CodeSheet.write(brand)));

    private final String ending;
    private final MediaType mediaType;
    private final BiFunction<Brand, Instant, byte[]> writer;

    DeliveryKind(String ending, String mediaType, BiFunction<Brand, Instant, byte[]> writer) {
        this.ending = ending;
        this.mediaType = MediaType.parseMediaType(mediaType);
        this.writer = writer;
    }

    static Optional<DeliveryKind> ofPath(String path) {
        return Arrays.stream(values()).filter(kind -> kind.path().equals(path)).findFirst();
    }

    private String path() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    MediaType mediaType() {
        return mediaType;
    }

    byte[] write(Brand brand, Instant time) {
        return writer.apply(brand, time);
    }

    /** @return a name that every file system takes; with the theme's where the brand has several */
    String fileName(Brand brand) {
        boolean several = brand.themes().all().size() > 1;
        return FileStem.of(several ? brand.name() + " " + brand.theme().name() : brand.name()) + ending;
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
