package app.zumbido.server.pack;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.UUID;
import tools.jackson.databind.cfg.DateTimeFeature;
import tools.jackson.databind.json.JsonMapper;

/** Where everything lies in a package; docs/package.md tells it to others. */
final class PackageForm {
    static final String MANIFEST = "zumbido.json";
    static final String BRANDS = "brands/";
    static final String FILES = "files/";
    private static final String JSON = ".json";

    static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL))
            .disable(DateTimeFeature.WRITE_DATES_AS_TIMESTAMPS)
            .build();

    private PackageForm() {}

    static String pathOf(UUID brand) {
        return BRANDS + brand + JSON;
    }

    static boolean isBrand(String path) {
        return path.startsWith(BRANDS) && path.endsWith(JSON);
    }

    /** What tells a package from other zip files. */
    record Manifest(String format, int version) {
        private static final String NAME = "zumbido-package";
        static final Manifest CURRENT = new Manifest(NAME, 1);

        boolean isOurs() {
            return NAME.equals(format);
        }

        boolean isNewer() {
            return version > CURRENT.version();
        }
    }
}
