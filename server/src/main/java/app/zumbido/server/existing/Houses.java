package app.zumbido.server.existing;

import app.zumbido.core.brand.HouseOf;
import app.zumbido.core.brand.Look;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.House;
import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.FamiliarNames;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.fonts.ShippedFaces;
import java.util.HashSet;
import java.util.Set;

/** What brands allow in files, with what is known about fonts. */
final class Houses {
    private Houses() {}

    static House of(Look look, Assets assets, WcagLevel level) {
        Set<String> standIns = new HashSet<>();
        for (TypeRole role : TypeRole.values()) {
            assets.letters(role)
                    .ifPresent(letters -> letters.standIns()
                            .forEach(standIn -> standIns.add(standIn.face().family())));
        }
        boolean hasLogo = !look.brand().logos().forms().isEmpty();
        return HouseOf.look(look, level, standIns, known(), hasLogo);
    }

    private static Set<String> known() {
        Set<String> known = new HashSet<>(FamiliarNames.ALL);
        CommonFamily.all().forEach(family -> known.add(family.name()));
        ShippedFaces.families().forEach(family -> known.add(family.family()));
        return known;
    }
}
