package app.zumbido.formats.logos;

import app.zumbido.formats.svg.SvgFile;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/** Twelve invented logos: counters, overlaps, thin lines, gradients, strokes, clips, parts that touch. */
final class DrawnLogos {
    private static final Map<String, String> DRAWN = new LinkedHashMap<>();

    static {
        put("ring and dot", """
                <path fill-rule="evenodd" fill="#0B2A4A" d="M50 10a40 40 0 1 0 .01 0zM50 28a22 22 0 1 1-.01 0z"/>
                <circle cx="50" cy="50" r="10" fill="#F2682A"/>""");
        put("two discs", """
                <circle cx="38" cy="50" r="28" fill="#0F7C7A"/><circle cx="64" cy="50" r="28" fill="#F2682A"/>""");
        put("letter with a bar", """
                <path fill-rule="evenodd" fill="#1F1F1F" d="M20 10h60v80h-60zM36 26v48h28v-48z"/>
                <rect x="20" y="44" width="60" height="12" fill="#7A5CD6"/>""");
        put("thin lines", """
                <g fill="none" stroke="#0B2A4A" stroke-width="2"><path d="M10 80L50 15L90 80z"/><path d="M30 80L50 48L70 80"/></g>
                <circle cx="50" cy="88" r="6" fill="#7A2E2A"/>""");
        put("gradient and wave", """
                <defs><linearGradient id="g"><stop offset="0" stop-color="#0B2A4A"/><stop offset="1" stop-color="#0F7C7A"/></linearGradient></defs>
                <circle cx="50" cy="50" r="40" fill="url(#g)"/>
                <path d="M12 60C30 45 40 75 58 58S80 50 88 60V66C80 56 70 58 58 66S30 55 12 68z" fill="#FFFFFF"/>""");
        put("stacked bars", """
                <rect x="15" y="15" width="70" height="22" fill="#3B2C20"/><rect x="15" y="37" width="70" height="22" fill="#4F6B3A"/>
                <rect x="15" y="59" width="70" height="22" fill="#D9B35C"/>""");
        put("house", """
                <path d="M10 50L50 12L90 50z" fill="#7A2E2A"/><rect x="20" y="50" width="60" height="36" fill="#3B2C20"/>
                <rect x="42" y="62" width="16" height="24" fill="#FFFFFF"/>""");
        put("sail and wave", """
                <path d="M48 8V62H16z" fill="#0B2A4A"/><path d="M54 22V62H76z" fill="#0B2A4A"/><circle cx="82" cy="20" r="9" fill="#F2682A"/>
                <path d="M10 76C24 62 34 90 50 76S76 62 90 76" fill="none" stroke="#0F7C7A" stroke-width="9" stroke-linecap="round"/>""");
        put("leaves", """
                <path d="M50 90C10 70 10 30 50 10C60 40 62 60 50 90z" fill="#4F6B3A"/>
                <path d="M50 90C90 70 90 30 50 10C44 40 42 60 50 90z" fill="#8AA860"/>""");
        put("badge", """
                <circle cx="50" cy="50" r="42" fill="#14142B"/><circle cx="50" cy="50" r="34" fill="#F0A35A"/>
                <path d="M50 24l7.6 18 19.4 1.4-15 12.4 4.8 19L50 64.400l-16.800 10.400 4.800-19-15-12.400 19.400-1.400z" fill="#14142B"/>""");
        put("four blocks", """
                <rect x="14" y="14" width="36" height="36" fill="#0B2A4A"/><rect x="50" y="14" width="36" height="36" fill="#0F7C7A"/>
                <rect x="14" y="50" width="36" height="36" fill="#F2682A"/><rect x="50" y="50" width="36" height="36" fill="#5B6670"/>""");
        put("clipped half", """
                <defs><clipPath id="c"><rect x="0" y="0" width="50" height="100"/></clipPath></defs>
                <circle cx="50" cy="50" r="38" fill="#5B6670"/><g clip-path="url(#c)"><circle cx="50" cy="50" r="38" fill="#0B2A4A"/></g>""");
    }

    private DrawnLogos() {}

    private static void put(String name, String shapes) {
        DRAWN.put(name, "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 100 100\">" + shapes + "</svg>");
    }

    /** @return by name each as painted shapes, 1200 units a side */
    static Map<String, LogoDrawing> all() {
        Map<String, LogoDrawing> logos = new LinkedHashMap<>();
        DRAWN.forEach(
                (name, svg) -> logos.put(name, LogoDrawing.of(SvgFile.read(svg.getBytes(StandardCharsets.UTF_8)))));
        return logos;
    }
}
