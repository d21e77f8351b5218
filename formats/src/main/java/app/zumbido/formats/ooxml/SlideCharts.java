package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.awt.Graphics2D;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.poi.xslf.usermodel.XSLFChart;
import org.apache.poi.xslf.usermodel.XSLFGraphicFrame;

/** The charts of a deck, read for drawing when a slide has one. */
final class SlideCharts implements AutoCloseable {
    private final byte[] file;
    private final Map<String, Node> read = new HashMap<>();
    private Optional<Archive> archive = Optional.empty();
    private Optional<Deck> deck = Optional.empty();

    SlideCharts(byte[] file) {
        this.file = file;
    }

    /** @return whether the frame holds a chart */
    boolean draw(XSLFGraphicFrame frame, Graphics2D graphics) {
        if (!frame.hasChart()) {
            return false;
        }
        XSLFChart chart = frame.getChart();
        if (chart == null) {
            return false;
        }
        Deck opened = deck();
        String slide = frame.getSheet().getPackagePart().getPartName().getName().substring(1);
        String part = chart.getPackagePart().getPartName().getName().substring(1);
        Node root = read.computeIfAbsent(
                part, name -> PartTree.read(name, opened.parts().part(name)));
        ChartPicture.of(root, opened.slide(slide).colors()).draw(graphics, frame.getAnchor());
        return true;
    }

    private Deck deck() {
        if (deck.isEmpty()) {
            Archive opened = Archive.open(file);
            archive = Optional.of(opened);
            OfficePackage parts = new OfficePackage(opened);
            deck = Optional.of(new Deck(parts, parts.main()));
        }
        return deck.get();
    }

    @Override
    public void close() {
        archive.ifPresent(Archive::close);
    }
}
