package app.zumbido.server.shelf;

import app.zumbido.core.brand.BrandDefaults;
import app.zumbido.core.palette.Group;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.FontSet;
import app.zumbido.formats.fonts.KnownFamilies;
import app.zumbido.server.trail.NewBrandDefaults;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what every new brand begins with. */
@Service
class Defaults implements NewBrandDefaults {
    private final DefaultsMapper mapper;

    Defaults(DefaultsMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    @Transactional(readOnly = true)
    public BrandDefaults get() {
        DefaultsMapper.FontsRow fonts = mapper.fonts();
        List<Group> groups = mapper.groups().stream().map(Group::new).toList();
        return new BrandDefaults(
                fonts == null
                        ? FontSet.TO_BEGIN_WITH
                        : FontSet.TO_BEGIN_WITH.in(new FontPair(
                                KnownFamilies.of(fonts.headingFont()), KnownFamilies.of(fonts.bodyFont()))),
                groups);
    }

    @Transactional
    public BrandDefaults set(BrandDefaults defaults) {
        mapper.deleteFonts();
        mapper.deleteGroups();
        FontPair pair = defaults.type().pair();
        mapper.insertFonts(pair.heading().name(), pair.body().name());
        int position = 0;
        for (Group group : defaults.groups()) {
            mapper.insertGroup(position++, group.name());
        }
        return defaults;
    }
}
