package app.zumbido.server.workshop;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** Small files that take for ever to draw. */
final class HostileFiles {
    private static final int LEVELS = 40;

    private HostileFiles() {}

    /** Each form draws the next one twice. Source: ISO 32000-1, 8.10. */
    static byte[] nestedForms() {
        List<String> objects = new ArrayList<>(List.of(
                "<</Type/Catalog/Pages 2 0 R>>",
                "<</Type/Pages/Kids[3 0 R]/Count 1>>",
                "<</Type/Page/Parent 2 0 R/MediaBox[0 0 600 600]/Contents 4 0 R/Resources<</XObject<</F 5 0 R>>>>>>",
                stream("", "/F Do")));
        String form = "/Type/XObject/Subtype/Form/BBox[0 0 600 600]";
        for (int level = 0; level < LEVELS; level++) {
            String next = "/Resources<</XObject<</F " + (objects.size() + 2) + " 0 R>>>>";
            objects.add(stream(form + next, "/F Do /F Do"));
        }
        objects.add(stream(form, "1 0 0 rg 0 0 10 10 re f"));
        return pdf(objects);
    }

    /** A page with two hundred thousand letters that nobody sees. Source: ISO 32000-1, 9.3.6, text rendering mode 3. */
    static byte[] hiddenLetters() {
        String letters = "(" + "ab cd ".repeat(5_000) + ") Tj\n";
        return pdf(List.of(
                "<</Type/Catalog/Pages 2 0 R>>",
                "<</Type/Pages/Kids[3 0 R]/Count 1>>",
                "<</Type/Page/Parent 2 0 R/MediaBox[0 0 600 600]/Contents 4 0 R/Resources<</Font<</F 5 0 R>>>>>>",
                stream("", "BT /F 1 Tf 3 Tr " + letters.repeat(7) + "ET 1 0 0 rg 0 0 300 300 re f"),
                "<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>"));
    }

    /** A shading whose colour is a program of forty thousand steps, asked at every point. Source: ISO 32000-1, 7.10.5. */
    static byte[] programmedShading() {
        return pdf(List.of(
                "<</Type/Catalog/Pages 2 0 R>>",
                "<</Type/Pages/Kids[3 0 R]/Count 1>>",
                "<</Type/Page/Parent 2 0 R/MediaBox[0 0 600 600]/Contents 4 0 R/Resources<</Shading<</S 5 0 R>>>>>>",
                stream("", "/S sh"),
                "<</ShadingType 1/ColorSpace/DeviceRGB/Domain[0 600 0 600]/Function 6 0 R>>",
                stream(
                        "/FunctionType 4/Domain[0 600 0 600]/Range[0 1 0 1 0 1]",
                        "{ pop " + "sin cos ".repeat(20_000) + "dup dup }")));
    }

    /** Noise in two hundred octaves, blurred over everything, twenty times. Source: SVG Filter Effects 1, feTurbulence. */
    static byte[] wideFilter() {
        return svg("<filter id='f' x='-100' y='-100' width='300' height='300'>"
                + "<feTurbulence baseFrequency='0.9' numOctaves='200'/><feGaussianBlur stdDeviation='300'/></filter>"
                + "<rect width='400' height='400' fill='red' filter='url(#f)'/>".repeat(20));
    }

    /** Hundreds of millions of dashes. */
    static byte[] fineDashes() {
        return svg("<path d='M0 0L1e8 1e8' stroke='red' stroke-dasharray='0.00001'/>".repeat(20));
    }

    private static byte[] svg(String inside) {
        return ("<svg xmlns='http://www.w3.org/2000/svg' width='400' height='400'>" + inside + "</svg>")
                .getBytes(StandardCharsets.UTF_8);
    }

    private static String stream(String entries, String content) {
        return "<<" + entries + "/Length " + content.length() + ">>\nstream\n" + content + "\nendstream";
    }

    private static byte[] pdf(List<String> objects) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<Integer> offsets = new ArrayList<>();
        append(out, "%PDF-1.7\n");
        for (int i = 0; i < objects.size(); i++) {
            offsets.add(out.size());
            append(out, (i + 1) + " 0 obj\n" + objects.get(i) + "\nendobj\n");
        }
        int table = out.size();
        append(out, "xref\n0 " + (objects.size() + 1) + "\n0000000000 65535 f \n");
        offsets.forEach(offset -> append(out, String.format("%010d 00000 n \n", offset)));
        append(out, "trailer<</Size " + (objects.size() + 1) + "/Root 1 0 R>>\nstartxref\n" + table + "\n%%EOF\n");
        return out.toByteArray();
    }

    private static void append(ByteArrayOutputStream out, String text) {
        out.writeBytes(text.getBytes(StandardCharsets.ISO_8859_1));
    }
}
