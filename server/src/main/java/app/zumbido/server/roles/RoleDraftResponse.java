package app.zumbido.server.roles;

import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.RoleDraft;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** First roles, in the order of importance; those that nothing is fit for are missing. */
record RoleDraftResponse(List<DraftedRoleResponse> roles) {
    static RoleDraftResponse of(Map<Role, RoleDraft.Proposal> draft) {
        return new RoleDraftResponse(draft.entrySet().stream()
                .map(entry -> new DraftedRoleResponse(
                        entry.getKey(),
                        entry.getValue().swatches().stream()
                                .map(SwatchId::value)
                                .toList(),
                        entry.getValue().reason()))
                .toList());
    }

    record DraftedRoleResponse(Role role, List<UUID> swatches, RoleDraft.Reason reason) {}
}
