package app.zumbido.server.trail.form;

import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/**
 * What swatches are for.
 *
 * @param assigned ids of the swatches of each role, in their order
 */
record Roles4(Map<String, List<UUID>> assigned, Proportion4 proportion, Map<String, String> words) {
    /** In percent. */
    record Proportion4(int main, int secondary, int highlight) {}

    static Roles4 of(Roles roles) {
        Map<String, List<UUID>> assigned = new TreeMap<>();
        roles.assigned()
                .forEach((role, swatches) -> assigned.put(
                        role.name(), swatches.stream().map(SwatchId::value).toList()));
        Map<String, String> words = new TreeMap<>();
        roles.words().forEach((role, sentence) -> words.put(role.name(), sentence));
        Proportion shares = roles.proportion();
        return new Roles4(assigned, new Proportion4(shares.main(), shares.secondary(), shares.highlight()), words);
    }

    Roles roles() {
        Map<Role, List<SwatchId>> lists = new EnumMap<>(Role.class);
        assigned.forEach((role, swatches) -> lists.put(
                Role.valueOf(role), swatches.stream().map(SwatchId::new).toList()));
        Map<Role, String> sentences = new EnumMap<>(Role.class);
        words.forEach((role, sentence) -> sentences.put(Role.valueOf(role), sentence));
        return new Roles(lists, new Proportion(proportion.main, proportion.secondary, proportion.highlight), sentences);
    }
}
