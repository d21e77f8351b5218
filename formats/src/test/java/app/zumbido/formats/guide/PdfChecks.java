package app.zumbido.formats.guide;

import java.io.ByteArrayInputStream;
import java.util.List;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;

/** A validator of others: what it finds against ISO 14289-1 and ISO 19005-2. */
final class PdfChecks {
    static {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private PdfChecks() {}

    static List<String> accessible(byte[] pdf) {
        return failures(pdf, PDFAFlavour.PDFUA_1);
    }

    static List<String> archivable(byte[] pdf) {
        return failures(pdf, PDFAFlavour.PDFA_2_A);
    }

    private static List<String> failures(byte[] pdf, PDFAFlavour flavour) {
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(flavour, false)) {
            return validator.validate(parser).getTestAssertions().stream()
                    .filter(assertion -> assertion.getStatus() == TestAssertion.Status.FAILED)
                    .map(assertion -> assertion.getRuleId().getClause() + ": " + assertion.getMessage() + " at "
                            + assertion.getLocation().getContext())
                    .distinct()
                    .limit(12)
                    .toList();
        } catch (Exception e) {
            throw new IllegalStateException("The validator could not read it", e);
        }
    }
}
