package app.zumbido.server.backup;

import app.zumbido.server.storage.CannotStartException;
import app.zumbido.server.storage.DataFolder;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Brings the database into the form of today, after a copy of it was made; a newer form is left alone. */
@Component
class Migrating implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(Migrating.class);

    private final DataFolder folder;
    private final Clock clock;

    Migrating(DataFolder folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    @Override
    public void migrate(Flyway flyway) {
        try {
            MigrationInfo current = flyway.info().current();
            if (current != null && flyway.info().pending().length > 0) {
                copyBefore(current.getVersion());
            }
            refuseNewer(flyway);
            flyway.migrate();
        } catch (FlywayException e) {
            throw CannotStartException.unreadable(folder, e);
        }
    }

    private static void refuseNewer(Flyway flyway) {
        MigrationInfo[] all = flyway.info().all();
        for (MigrationInfo migration : all) {
            if (migration.getState().isApplied() && !migration.getState().isResolved()) {
                throw new CannotStartException(
                        "The data folder was written by a newer Zumbido (its form is " + migration.getVersion() + ")",
                        "Start the newer one, or name another folder with --data");
            }
        }
    }

    private void copyBefore(MigrationVersion version) {
        String name =
                "before-form-" + version + "-left-" + clock.instant().toString().replaceAll("[^0-9TZ]", "") + ".db";
        try {
            Path copy = folder.backups().resolve(name);
            DatabaseCopy.keep(folder, copy);
            LOG.warn("The database gets a new form; as it was it lies in {}", copy);
        } catch (IOException e) {
            throw new CannotStartException(
                    "The database gets a new form, and no copy of it could be made before: " + e.getMessage(),
                    "Make room in " + folder.backups() + " and start again; nothing was changed",
                    e);
        }
    }
}
