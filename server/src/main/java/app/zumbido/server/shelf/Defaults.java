package app.zumbido.server.shelf;

import app.zumbido.core.brand.BrandDefaults;
import app.zumbido.core.palette.Group;
import app.zumbido.core.type.FontPair;
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
                fonts == null ? FontPair.TO_BEGIN_WITH : new FontPair(fonts.headingFont(), fonts.bodyFont()), groups);
    }

    @Transactional
    public BrandDefaults set(BrandDefaults defaults) {
        mapper.deleteFonts();
        mapper.deleteGroups();
        mapper.insertFonts(defaults.fonts().heading(), defaults.fonts().body());
        int position = 0;
        for (Group group : defaults.groups()) {
            mapper.insertGroup(position++, group.name());
        }
        return defaults;
    }
}
