package app.zumbido.server.job;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Long work that is asked for.
 *
 * @param kind delivery
 * @param brandId the brand that it is done for
 * @param what of a delivery, its kind
 * @param themeId the theme that it is made in; absent: the one that is handed over first
 */
public record JobRequest(
        @NotBlank String kind,
        @NotNull UUID brandId,
        @NotBlank String what,
        @Nullable UUID themeId) {}
