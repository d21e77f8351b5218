package app.zumbido.server.backup;

import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.CannotStartException;
import app.zumbido.server.storage.DataFolder;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;

/** What is asked for on the command line instead of a server: {@code backup FILE} and {@code restore FILE}. */
public final class BackupCommands {
    private static final String DATA = "--zumbido.data=";

    private BackupCommands() {}

    /** @return whether it was one of these commands */
    public static boolean isOne(String[] args) {
        return args.length > 0 && (args[0].equals("backup") || args[0].equals("restore"));
    }

    /** @return the number that the program ends with */
    public static int run(String[] args) {
        if (args.length < 2) {
            System.err.println("Name the file: " + args[0] + " FILE");
            return 2;
        }
        Path file = Path.of(args[1]).toAbsolutePath();
        String data = args.length > 2 && args[2].startsWith(DATA) ? args[2].substring(DATA.length()) : "";
        try {
            if (args[0].equals("backup")) {
                backup(DataFolder.path(data), file);
                System.out.println("Everything is in " + file);
            } else {
                restore(data, file);
                System.out.println("Put back from " + file + "; what was there before lies among the backups");
            }
            return 0;
        } catch (CannotStartException e) {
            System.err.println(e.getMessage() + ". " + e.remedy());
        } catch (IOException | UncheckedIOException e) {
            System.err.println("That did not work: " + e.getMessage());
        }
        return 1;
    }

    /** Also beside a server that runs. */
    private static void backup(Path folder, Path file) throws IOException {
        if (!Files.exists(DataFolder.database(folder))) {
            throw new IOException("there is nothing in " + folder);
        }
        if (!Files.isDirectory(file.getParent())) {
            throw new IOException("there is no folder " + file.getParent());
        }
        if (Files.isDirectory(file)) {
            throw new IOException(file + " is a folder; name a file in it");
        }
        Path partial = file.resolveSibling(file.getFileName() + ".tmp");
        // A folder that nobody else may look into.
        Path scratch = Files.createTempDirectory("zumbido");
        Path copy = scratch.resolve("zumbido.db");
        try (OutputStream out = Files.newOutputStream(partial)) {
            DatabaseCopy.make(DataFolder.database(folder), copy);
            WholeCopy.write(copy, BlobStore.allIn(DataFolder.blobs(folder)), out);
        } catch (IOException e) {
            Files.deleteIfExists(partial);
            throw e;
        } finally {
            Files.deleteIfExists(copy);
            Files.delete(scratch);
        }
        Files.move(partial, file, StandardCopyOption.REPLACE_EXISTING);
    }

    private static void restore(String data, Path file) throws IOException {
        if (!Files.exists(file)) {
            throw new IOException("there is no file " + file);
        }
        DataFolder folder = DataFolder.open(data);
        try {
            new Restoring(folder, Clock.systemUTC()).from(file);
        } finally {
            folder.destroy();
        }
    }
}
