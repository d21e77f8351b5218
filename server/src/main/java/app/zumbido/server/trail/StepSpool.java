package app.zumbido.server.trail;

import app.zumbido.server.trail.form.StoredForm;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The steps of a recorded brand made ready for the database in a file of their own, so that a transaction has nothing to
 * compute and the memory nothing to hold.
 */
public final class StepSpool implements AutoCloseable {
    /** Takes a step as it goes into the database. */
    interface Insert {
        void step(StepRow step, byte @Nullable [] snapshot);
    }

    private final UUID brand;
    private final Path file;
    private int count;

    private StepSpool(UUID brand, Path file) {
        this.brand = brand;
        this.file = file;
    }

    /**
     * @param folder where its file lies
     * @param renamed ids that stand in its snapshots, and what is to stand there instead
     */
    static StepSpool of(Path folder, RecordedBrand recorded, UUID brand, Map<String, String> renamed) {
        try {
            StepSpool spool = new StepSpool(brand, Files.createTempFile(folder, "steps", null));
            try (DataOutputStream out =
                    new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(spool.file)))) {
                recorded.steps(step -> spool.write(step, renamed, out));
            } catch (IOException | RuntimeException e) {
                spool.close();
                throw e;
            }
            return spool;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(BrandRecord.Step step, Map<String, String> renamed, DataOutputStream out) {
        try {
            out.writeLong(step.revision());
            out.writeUTF(step.kind());
            out.writeLong(step.base() == null ? -1 : step.base());
            out.writeLong(step.shows());
            out.writeUTF(step.madeAt());
            writeBytes(step.note().toString().getBytes(StandardCharsets.UTF_8), out);
            writeBytes(
                    step.snapshot() == null
                            ? new byte[0]
                            : StoredForm.deflated(StoredForm.under(step.snapshot(), renamed)),
                    out);
            count++;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void writeBytes(byte[] bytes, DataOutputStream out) throws IOException {
        out.writeInt(bytes.length);
        out.write(bytes);
    }

    void insert(Insert insert) {
        try (DataInputStream in = new DataInputStream(new BufferedInputStream(Files.newInputStream(file)))) {
            for (int i = 0; i < count; i++) {
                long revision = in.readLong();
                String kind = in.readUTF();
                long base = in.readLong();
                long shows = in.readLong();
                Instant madeAt = Instant.parse(in.readUTF());
                String note = new String(in.readNBytes(in.readInt()), StandardCharsets.UTF_8);
                byte[] snapshot = in.readNBytes(in.readInt());
                StepRow row = new StepRow(brand, revision, kind, base < 0 ? null : base, shows, note, madeAt);
                insert.step(row, snapshot.length == 0 ? null : snapshot);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
