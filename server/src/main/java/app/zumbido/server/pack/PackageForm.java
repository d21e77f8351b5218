package app.zumbido.server.pack;

import app.zumbido.server.trail.BrandRecord;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.cfg.DateTimeFeature;
import tools.jackson.databind.json.JsonMapper;

/** Where everything lies in a package; docs/package.md tells it to others. */
final class PackageForm {
    static final String MANIFEST = "zumbido.json";
    static final String BRANDS = "brands/";
    static final String FILES = "files/";
    static final String JSON = ".json";
    private static final String HEAD = "/brand.json";
    private static final String TRAIL = "/trail/";

    /** The first version had one entry a brand, with its whole trail. */
    static final int WHOLE_BRANDS = 1;
    /** More entries are not taken in, so more are not sent out either. */
    static final int MOST_ENTRIES = 500_000;

    static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL))
            .disable(DateTimeFeature.WRITE_DATES_AS_TIMESTAMPS)
            .build();

    private PackageForm() {}

    static String pathOf(UUID brand) {
        return BRANDS + brand + HEAD;
    }

    /** Sorts by number for whoever looks at the names. */
    static String pathOf(UUID brand, long revision) {
        return BRANDS + brand + TRAIL + String.format(Locale.ROOT, "%08d", revision) + JSON;
    }

    static boolean isHead(String path) {
        return path.startsWith(BRANDS) && path.endsWith(HEAD);
    }

    /** @param head path of a brand's head */
    static boolean isStep(String path, String head) {
        return path.startsWith(head.substring(0, head.length() - HEAD.length()) + TRAIL) && path.endsWith(JSON);
    }

    /**
     * A brand without its trail, which lies beside it step by step.
     *
     * @param fonts older packages have none
     * @param places older packages have none
     */
    record Head(
            BrandRecord brand,
            List<SourceRecord> sources,
            @Nullable List<FontRecord> fonts,
            @Nullable List<PlaceRecord> places) {
        Head {
            sources = List.copyOf(sources);
            fonts = fonts == null ? List.of() : List.copyOf(fonts);
            places = places == null ? List.of() : List.copyOf(places);
        }
    }

    /** What tells a package from other zip files. */
    record Manifest(String format, int version) {
        private static final String NAME = "zumbido-package";
        static final Manifest CURRENT = new Manifest(NAME, 2);

        boolean isOurs() {
            return NAME.equals(format);
        }

        boolean isNewer() {
            return version > CURRENT.version();
        }
    }
}
