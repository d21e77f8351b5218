package app.zumbido.formats.ooxml;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Objects;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.poi.openxml4j.opc.PackagePartName;
import org.apache.poi.openxml4j.opc.PackageRelationship;
import org.apache.poi.openxml4j.opc.PackagingURIHelper;
import org.apache.poi.openxml4j.opc.TargetMode;
import org.apache.xmlbeans.XmlObject;
import org.apache.xmlbeans.XmlOptions;

/** The parts that a presentation template is made of. Source: ECMA-376 Part 1, 13.3 and 14.2.7. */
enum PresentationPart {
    PRESENTATION("/ppt/presentation.xml", "presentationml.template.main+xml", "officeDocument"),
    MASTER("/ppt/slideMasters/slideMaster1.xml", "presentationml.slideMaster+xml", "slideMaster"),
    LAYOUT_TITLE("/ppt/slideLayouts/slideLayout1.xml", "presentationml.slideLayout+xml", "slideLayout"),
    LAYOUT_CONTENT("/ppt/slideLayouts/slideLayout2.xml", "presentationml.slideLayout+xml", "slideLayout"),
    LAYOUT_CHART("/ppt/slideLayouts/slideLayout3.xml", "presentationml.slideLayout+xml", "slideLayout"),
    LAYOUT_TURNED("/ppt/slideLayouts/slideLayout4.xml", "presentationml.slideLayout+xml", "slideLayout"),
    SLIDE_TITLE("/ppt/slides/slide1.xml", "presentationml.slide+xml", "slide"),
    THEME("/ppt/theme/theme1.xml", "theme+xml", "theme");

    private static final String CONTENT_TYPES = "application/vnd.openxmlformats-officedocument.";
    private static final String RELATIONSHIPS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
    private static final XmlOptions AS_WRITTEN =
            new XmlOptions().setSaveAggressiveNamespaces().setUseDefaultNamespace();

    private final String name;
    private final String contentType;
    private final String relationship;

    PresentationPart(String name, String contentType, String relationship) {
        this.name = name;
        this.contentType = CONTENT_TYPES + contentType;
        this.relationship = RELATIONSHIPS + relationship;
    }

    /** @return the resource that the part begins as, free of anything of a brand */
    InputStream resource() {
        String file = name().toLowerCase(Locale.ROOT).replace('_', '-') + ".xml";
        return Objects.requireNonNull(PresentationPart.class.getResourceAsStream(file), file);
    }

    PackagePart createIn(OPCPackage pkg) {
        return pkg.createPart(partName(), contentType);
    }

    PackagePart in(OPCPackage pkg) {
        return pkg.getPart(partName());
    }

    /** @return the id that the package assigned */
    String linkFrom(PackagePart from) {
        return from.addRelationship(partName(), TargetMode.INTERNAL, relationship)
                .getId();
    }

    PackageRelationship linkFrom(OPCPackage pkg) {
        return pkg.addRelationship(partName(), TargetMode.INTERNAL, relationship);
    }

    void write(OPCPackage pkg, XmlObject content) throws IOException {
        try (OutputStream out = pkg.getPart(partName()).getOutputStream()) {
            content.save(out, AS_WRITTEN);
        }
    }

    private PackagePartName partName() {
        try {
            return PackagingURIHelper.createPartName(name);
        } catch (InvalidFormatException e) {
            throw new UncheckedIOException(new IOException("Part name " + name, e));
        }
    }
}
