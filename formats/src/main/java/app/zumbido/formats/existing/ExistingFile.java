package app.zumbido.formats.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Use;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.formats.listing.ColoredFiles;
import app.zumbido.formats.ooxml.OfficeFile;
import app.zumbido.formats.uses.Changes;
import app.zumbido.formats.uses.ColoredFile;
import app.zumbido.formats.uses.MendableFile;
import app.zumbido.formats.uses.WalkTime;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** A file that is dressed or checked. */
public final class ExistingFile implements AutoCloseable {
    /** A deck of 200 slides has some six thousand. */
    private static final int MOST_USES = 100_000;

    private static final Set<String> KINDS = Set.of("pptx", "docx", "xlsx", "odp", "odt", "ods");

    private final MendableFile file;

    private ExistingFile(MendableFile file) {
        this.file = file;
    }

    /**
     * Tells the kind by what is in the file.
     *
     * @throws UnreadableImageException if it is damaged, or no presentation, document or workbook
     */
    public static ExistingFile open(byte[] content) {
        Optional<ColoredFile> opened = ColoredFiles.open(content);
        if (opened.isPresent() && opened.get() instanceof MendableFile mendable && KINDS.contains(mendable.kind())) {
            return new ExistingFile(mendable);
        }
        opened.ifPresent(ColoredFile::close);
        if (isCompound(content)) {
            throw new UnreadableImageException(
                    Reason.UNKNOWN_KIND,
                    "The file is protected by a password, or in the form from before 2007: save it as .pptx, .docx or .xlsx"
                            + " without a password");
        }
        throw new UnreadableImageException(
                Reason.UNKNOWN_KIND,
                "The file is no presentation, document or workbook to dress or check, and no drawing or picture to recolour");
    }

    /** How encrypted files and those of older programs begin. Source: MS-CFB, 2.2. */
    private static boolean isCompound(byte[] content) {
        byte[] signature = {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0};
        return content.length > signature.length && Arrays.equals(content, 0, 4, signature, 0, 4);
    }

    /** @return as in {@code pptx}, of templates too */
    public String kind() {
        return file.kind();
    }

    public Optional<FoundTheme> theme() {
        return file.theme();
    }

    /** @throws UnreadableImageException if a part of it is damaged */
    public Findings findings() {
        return findings(page -> {});
    }

    /**
     * @param begun is told of each page as it begins, and may throw to stop
     * @throws UnreadableImageException if a part of it is damaged
     */
    public Findings findings(Consumer<FoundPage> begun) {
        Findings.Collector collector = new Findings.Collector() {
            private final WalkTime time = new WalkTime();
            private int uses;

            @Override
            public void page(FoundPage page) {
                time.check();
                begun.accept(page);
                super.page(page);
            }

            @Override
            public void use(Use use) {
                time.check();
                if (++uses > MOST_USES) {
                    throw new UnreadableImageException(
                            Reason.TOO_LARGE,
                            "The file uses colours at more than " + MOST_USES
                                    + " places; take it apart and try each part");
                }
                super.use(use);
            }
        };
        file.walk(collector);
        return collector.findings(file.kind(), file.theme());
    }

    /** @return nothing of a file that has no slides */
    public Optional<OfficeFile.Slides> slides() {
        return deck().flatMap(OfficeFile::slides);
    }

    /** @return nothing of a file that is no presentation of this kind */
    Optional<OfficeFile> deck() {
        return Optional.of(file)
                .filter(OfficeFile.class::isInstance)
                .map(OfficeFile.class::cast)
                .filter(office -> office.slides().isPresent());
    }

    public byte[] part(String name) {
        return file.part(name);
    }

    /** @return the file with the changes; every part that they do not touch stays to the byte */
    public byte[] with(Changes changes) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            file.write(changes, out);
        } catch (IOException e) {
            throw new UncheckedIOException("A file in memory cannot be written", e);
        }
        return out.toByteArray();
    }

    @Override
    public void close() {
        file.close();
    }
}
