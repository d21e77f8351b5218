package app.zumbido.formats.office.pages;

import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.util.function.Function;

/** Documents of a brand: the template, and what is made of it. */
public enum DocumentKind implements ThemedWriter {
    /** Begins with an empty page. */
    TEMPLATE(
            "document",
            ".dotx",
            DocumentPackage.TEMPLATE,
            pack -> WordXml.paragraph("") + Paper.section(pack.references(), "", 1)),
    LETTER("letter", "-letter.docx", DocumentPackage.DOCUMENT, SpecimenText::letter),
    REPORT("report", "-report.docx", DocumentPackage.DOCUMENT, SpecimenText::report),
    NEWSLETTER("newsletter", "-newsletter.docx", DocumentPackage.DOCUMENT, SpecimenText::newsletter);

    private final String kind;
    private final String ending;
    private final String type;
    private final Function<DocumentPackage, String> body;

    DocumentKind(String kind, String ending, String type, Function<DocumentPackage, String> body) {
        this.kind = kind;
        this.ending = ending;
        this.type = type;
        this.body = body;
    }

    @Override
    public String kind() {
        return kind;
    }

    @Override
    public String ending() {
        return ending;
    }

    @Override
    public String mediaType() {
        return "application/vnd.openxmlformats-officedocument.wordprocessingml."
                + (this == TEMPLATE ? "template" : "document");
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        DocumentPackage pack = new DocumentPackage(order);
        pack.write(type, body.apply(pack), out);
    }
}
