package app.zumbido.formats.swatches;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.image.PngImage;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * The palette as a picture: to be shown, and to have its colours taken from with whatever takes colours from pictures. Each
 * swatch is one flat colour with a white outline, so that none runs into its neighbour. The drawing names them; the pixels
 * carry nothing else.
 */
public final class SwatchSheet implements DeliveryWriter {
    /** Six beside each other, so that a palette of twelve stands in two rows. */
    private static final int IN_A_ROW = 6;

    private static final int SIDE = 180;
    private static final int OUTLINE = 8;
    private static final int CAPTION = 48;
    private static final Rgb GROUND = new Rgb(0xD6, 0xD6, 0xD6);

    private final boolean drawing;
    private final boolean oneRow;

    private SwatchSheet(boolean drawing, boolean oneRow) {
        this.drawing = drawing;
        this.oneRow = oneRow;
    }

    /** @param oneRow whether all stand beside each other */
    public static SwatchSheet drawing(boolean oneRow) {
        return new SwatchSheet(true, oneRow);
    }

    /** @param oneRow whether all stand beside each other */
    public static SwatchSheet picture(boolean oneRow) {
        return new SwatchSheet(false, oneRow);
    }

    @Override
    public String kind() {
        return (drawing ? "svg" : "png") + (oneRow ? "-row" : "");
    }

    @Override
    public String ending() {
        return (oneRow ? "-swatches-row" : "-swatches") + (drawing ? ".svg" : ".png");
    }

    @Override
    public String mediaType() {
        return drawing ? "image/svg+xml" : "image/png";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        List<Swatch> swatches = order.look().brand().usable().swatches();
        int perRow = Math.max(1, oneRow ? swatches.size() : Math.min(IN_A_ROW, swatches.size()));
        int rows = Math.max(1, (swatches.size() + perRow - 1) / perRow);
        out.write(drawing ? svg(order.look().brand(), swatches, perRow, rows) : png(swatches, perRow, rows));
    }

    private static byte[] svg(Brand brand, List<Swatch> swatches, int perRow, int rows) {
        String code = brand.shortCode().map(letters -> letters + " ").orElse("");
        int height = SIDE + CAPTION;
        StringBuilder svg = new StringBuilder(Xml.HEAD)
                .append(
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %1$d %2$d\" width=\"%1$d\" height=\"%2$d\">"
                                .formatted(perRow * SIDE, rows * height))
                .append("<rect width=\"100%\" height=\"100%\" fill=\"")
                .append(GROUND.hex())
                .append("\"/>");
        for (int i = 0; i < swatches.size(); i++) {
            Swatch swatch = swatches.get(i);
            int x = i % perRow * SIDE;
            int y = i / perRow * height;
            String name = Xml.text(code + swatch.name());
            svg.append(
                    "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" fill=\"%s\" stroke=\"#FFFFFF\" stroke-width=\"%d\"><title>%s</title></rect>"
                            .formatted(
                                    x + OUTLINE / 2,
                                    y + OUTLINE / 2,
                                    SIDE - OUTLINE,
                                    SIDE - OUTLINE,
                                    swatch.color().hex(),
                                    OUTLINE,
                                    name));
            svg.append(text(x, y + SIDE + 18, "sans-serif", name))
                    .append(text(x, y + SIDE + 36, "monospace", swatch.color().hex()));
        }
        return svg.append("</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    /** Squeezed where a name is longer than its swatch is wide. */
    private static String text(int x, int y, String family, String said) {
        int room = SIDE - OUTLINE;
        String squeezed =
                said.length() * 8 > room ? " textLength=\"" + room + "\" lengthAdjust=\"spacingAndGlyphs\"" : "";
        return "<text x=\"%d\" y=\"%d\" font-family=\"%s\" font-size=\"15\" fill=\"#000000\"%s>%s</text>"
                .formatted(x + OUTLINE / 2, y, family, squeezed, said);
    }

    private static byte[] png(List<Swatch> swatches, int perRow, int rows) {
        BufferedImage image = new BufferedImage(perRow * SIDE, rows * SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        for (int i = 0; i < swatches.size(); i++) {
            Rgb color = swatches.get(i).color();
            graphics.setColor(new Color(color.red(), color.green(), color.blue()));
            graphics.fillRect(
                    i % perRow * SIDE + OUTLINE, i / perRow * SIDE + OUTLINE, SIDE - 2 * OUTLINE, SIDE - 2 * OUTLINE);
        }
        graphics.dispose();
        return PngImage.encode(image);
    }
}
