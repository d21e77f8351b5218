package app.zumbido.formats.text;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.guide.GuideNames;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What the colours of a brand are for and what must not be done with them, in plain sentences. */
final class BrandRules {
    private final Brand brand;

    private BrandRules(Brand brand) {
        this.brand = brand;
    }

    /** @return the lines of each section by its title, in their order; a section may be empty */
    static Map<String, List<String>> of(Brand brand) {
        BrandRules rules = new BrandRules(brand);
        Map<String, List<String>> sections = new LinkedHashMap<>();
        sections.put("Roles", rules.roles());
        sections.put("Rules", brand.grounds().pairs().stream().map(rules::pair).toList());
        sections.put("Off-limits, not to be used", rules.offLimits());
        return sections;
    }

    private List<String> roles() {
        Roles roles = brand.roles();
        List<String> lines = new ArrayList<>();
        for (Role role : Role.values()) {
            List<SwatchId> holders = roles.of(role);
            if (!holders.isEmpty() && role != Role.OFF_LIMITS) {
                String names = holders.stream()
                        .map(id -> brand.palette().get(id).name())
                        .collect(Collectors.joining(", "));
                String sentence = roles.words().getOrDefault(role, "");
                lines.add(GuideNames.of(role) + ": " + names + (sentence.isEmpty() ? "" : ". " + sentence));
            }
        }
        return lines;
    }

    private String pair(PairRule rule) {
        String verdict = switch (rule.kind()) {
            case NARROWED -> " must not be used: ";
            case ALLOWED -> " is allowed: ";
            case LEFT -> " is left as it is on purpose: ";
        };
        return named(rule.text()) + " on " + named(rule.ground()) + verdict + rule.reason();
    }

    /** A swatch has a name; what is made of one has that and its code, and all else only a code. */
    private String named(Paint paint) {
        String hex = paint.resolve(brand.palette()).hex();
        return paint.match(
                p -> brand.palette().get(p.swatch()).name(),
                p -> hex + " of " + brand.palette().get(p.base()).name(),
                p -> hex + " of " + brand.palette().get(p.base()).name(),
                p -> hex);
    }

    private List<String> offLimits() {
        return brand.roles().offLimits().stream()
                .map(brand.palette()::get)
                .map(BrandRules::named)
                .toList();
    }

    private static String named(Swatch swatch) {
        return swatch.name() + "  " + swatch.color().hex();
    }
}
