package app.zumbido.server.trail;

import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.server.roles.RoleMapper;
import app.zumbido.server.roles.RoleRow;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What the swatches of a brand are for in rows, and back. */
@Component
class RoleTables {
    private final RoleMapper mapper;

    RoleTables(RoleMapper mapper) {
        this.mapper = mapper;
    }

    Roles read(UUID brand) {
        Map<Role, List<SwatchId>> assigned = new EnumMap<>(Role.class);
        for (RoleRow row : mapper.ofBrand(brand)) {
            assigned.computeIfAbsent(Role.valueOf(row.role()), role -> new ArrayList<>())
                    .add(new SwatchId(row.swatchId()));
        }
        Map<Role, String> words = new EnumMap<>(Role.class);
        mapper.words(brand).forEach(row -> words.put(Role.valueOf(row.role()), row.words()));
        RoleMapper.SharesRow shares = mapper.shares(brand);
        Proportion proportion = new Proportion(shares.shareMain(), shares.shareSecondary(), shares.shareHighlight());
        return new Roles(assigned, proportion, words);
    }

    void clear(UUID brand) {
        mapper.deleteOfBrand(brand);
        mapper.deleteWords(brand);
    }

    void write(UUID brand, Roles roles) {
        roles.assigned().forEach((role, swatches) -> {
            int place = 0;
            for (SwatchId swatch : swatches) {
                mapper.insert(new RoleRow(brand, role.name(), place++, swatch.value()));
            }
        });
        roles.words().forEach((role, words) -> mapper.insertWords(brand, role.name(), words));
        Proportion proportion = roles.proportion();
        mapper.updateShares(brand, proportion.main(), proportion.secondary(), proportion.highlight());
    }
}
