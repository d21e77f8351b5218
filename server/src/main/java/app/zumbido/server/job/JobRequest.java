package app.zumbido.server.job;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Long work that is asked for.
 *
 * @param kind delivery
 * @param brandId the brand that it is done for
 * @param what of a delivery, its kind; 'parcel' for a parcel
 * @param themeId the theme that it is made in; absent: the one that is handed over first
 * @param items of a parcel what goes in, by its id; absent: what usually does
 */
public record JobRequest(
        @NotBlank String kind,
        @NotNull UUID brandId,
        @NotBlank String what,
        @Nullable UUID themeId,
        @Nullable List<String> items) {}
