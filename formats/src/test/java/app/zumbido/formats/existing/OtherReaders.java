package app.zumbido.formats.existing;

import java.io.ByteArrayInputStream;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.docx4j.openpackaging.packages.OpcPackage;
import org.odftoolkit.odfdom.doc.OdfDocument;

/** Whether libraries that did not write a file can read it. */
final class OtherReaders {
    private OtherReaders() {}

    static boolean isReadByPoi(String name, byte[] content) {
        try (OPCPackage opened = OPCPackage.open(new ByteArrayInputStream(content))) {
            if (name.matches(".*\\.(pptx|potx)")) {
                return new XMLSlideShow(opened).getSlides() != null;
            }
            return name.matches(".*\\.(docx|dotx)")
                    ? new XWPFDocument(opened).getParagraphs() != null
                    : new XSSFWorkbook(opened).getNumberOfSheets() > 0;
        } catch (Exception e) {
            return false;
        }
    }

    static boolean isReadByDocx4j(byte[] content) {
        try {
            return OpcPackage.load(new ByteArrayInputStream(content)).getParts() != null;
        } catch (Exception e) {
            return false;
        }
    }

    static boolean isReadByOdfdom(byte[] content) {
        try (OdfDocument read = OdfDocument.loadDocument(new ByteArrayInputStream(content))) {
            return read.getContentDom() != null;
        } catch (Exception e) {
            return false;
        }
    }
}
