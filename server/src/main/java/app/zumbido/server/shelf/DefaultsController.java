package app.zumbido.server.shelf;

import app.zumbido.core.brand.BrandDefaults;
import app.zumbido.core.palette.Group;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.FontSet;
import app.zumbido.formats.fonts.KnownFamilies;
import app.zumbido.server.http.PlainName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What every new brand begins with; brands that exist stay as they are. */
@RestController
@RequestMapping("/api/defaults")
class DefaultsController {
    private final Defaults defaults;

    DefaultsController(Defaults defaults) {
        this.defaults = defaults;
    }

    @GetMapping
    DefaultsBody get() {
        return DefaultsBody.of(defaults.get());
    }

    @PutMapping
    DefaultsBody set(@Valid @RequestBody DefaultsBody body) {
        return DefaultsBody.of(defaults.set(body.defaults()));
    }

    /**
     * The same in both directions.
     *
     * @param groups own parts of the palette; the usual ones and repeats are left out
     */
    record DefaultsBody(
            @NotNull @PlainName(max = FontFamily.LONGEST_NAME)
            String headingFont,

            @NotNull @PlainName(max = FontFamily.LONGEST_NAME)
            String bodyFont,

            @NotNull @Size(max = 20) List<@NotNull @Valid OwnGroup> groups) {
        static DefaultsBody of(BrandDefaults defaults) {
            return new DefaultsBody(
                    defaults.type().pair().heading().name(),
                    defaults.type().pair().body().name(),
                    defaults.groups().stream()
                            .map(group -> new OwnGroup(group.name()))
                            .toList());
        }

        BrandDefaults defaults() {
            return new BrandDefaults(
                    FontSet.TO_BEGIN_WITH.in(
                            new FontPair(KnownFamilies.of(headingFont.strip()), KnownFamilies.of(bodyFont.strip()))),
                    groups.stream()
                            .map(group -> new Group(group.name().strip()))
                            .filter(Group::isOwn)
                            .distinct()
                            .toList());
        }
    }

    record OwnGroup(
            @NotNull @PlainName(max = Group.LONGEST_NAME) String name) {}
}
