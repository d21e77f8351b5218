package app.zumbido.server;

import app.zumbido.formats.svg.SvgPicture;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;

/** Pictures for tests, drawn with known colours. */
public final class TestPictures {
    private TestPictures() {}

    /** @return a PNG of 200 x 100: white, with a navy box of 50 x 60 and an orange one of 20 x 20 */
    public static byte[] logo() {
        return png("<rect width='200' height='100' fill='#FFFFFF'/>"
                + "<rect x='20' y='20' width='50' height='60' fill='#0B2A4A'/>"
                + "<rect x='120' y='40' width='20' height='20' fill='#F2682A'/>");
    }

    /** @return a PNG of 200 x 100 without a colour in it */
    public static byte[] nothing() {
        return png("");
    }

    private static byte[] png(String drawing) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 200 100'>" + drawing + "</svg>";
        return SvgPicture.toPng(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)), 200);
    }
}
