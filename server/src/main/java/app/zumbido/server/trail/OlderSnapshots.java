package app.zumbido.server.trail;

import app.zumbido.core.palette.Group;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.PageGround;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings snapshots of older versions into the present form, one version after the other. */
final class OlderSnapshots {
    /** In the first version nothing was said about roles. */
    private static final int WITHOUT_ROLES = 1;
    /** In the second a palette had no groups. */
    private static final int WITHOUT_GROUPS = 2;
    /** In the third the only role was to be off-limits. */
    private static final int ONLY_OFF_LIMITS = 3;
    /** In the fourth a brand had one theme, its pages were light, and nothing was decided about grounds. */
    private static final int ONE_THEME = 4;

    private OlderSnapshots() {}

    /**
     * @param brand is changed in place
     * @param version that it was written in
     */
    static void translate(JsonNode brand, int version) {
        if (version <= WITHOUT_ROLES && brand instanceof ObjectNode older) {
            older.putObject("roles").putArray("offLimits");
        }
        if (version <= WITHOUT_GROUPS && brand.path("palette") instanceof ObjectNode older) {
            ArrayNode groups = older.putArray("groups");
            Group.USUAL.forEach(group -> groups.add(group.name()));
            older.putArray("asides");
        }
        if (version <= ONLY_OFF_LIMITS && brand.path("roles") instanceof ObjectNode older) {
            JsonNode offLimits = older.remove("offLimits");
            older.putObject("assigned").set(Role.OFF_LIMITS.name(), offLimits);
            ObjectNode shares = older.putObject("proportion");
            shares.put("main", Proportion.TO_BEGIN_WITH.main());
            shares.put("secondary", Proportion.TO_BEGIN_WITH.secondary());
            shares.put("highlight", Proportion.TO_BEGIN_WITH.highlight());
            older.putObject("words");
        }
        if (version <= ONE_THEME && brand instanceof ObjectNode older) {
            ObjectNode theme = (ObjectNode) older.remove("theme");
            theme.put("ground", PageGround.LIGHT.name());
            older.putArray("themes").add(theme);
            ObjectNode grounds = older.putObject("grounds");
            grounds.putArray("pairs");
            grounds.putArray("composed");
        }
    }
}
