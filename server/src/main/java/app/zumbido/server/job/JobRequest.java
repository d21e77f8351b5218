package app.zumbido.server.job;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Long work that is asked for.
 *
 * @param kind delivery, or files for files that exist
 * @param brandId the brand that it is done for
 * @param what of a delivery, its kind; 'parcel' for a parcel; of files 'dress'
 * @param themeId the theme that it is made in; absent: the one that is handed over first
 * @param items of a parcel what goes in, by its id; absent: what usually does; of files their ids
 * @param mapping of files that are dressed by hex of a colour the slot that it becomes in all of them
 */
public record JobRequest(
        @NotBlank String kind,
        @NotNull UUID brandId,
        @NotBlank String what,
        @Nullable UUID themeId,
        @Nullable List<String> items,
        @Nullable Map<String, String> mapping) {}
