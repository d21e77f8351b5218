package app.zumbido.formats.swatches;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Specimen;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.Xml;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Lines that can be pasted into a mail: a heading, a text with a link, a button and the codes, everything in attributes, since
 * mail programs drop stylesheets. The table names what site and mail builders ask for: page, heading, link, button. Source: HTML
 * Living Standard, 4.9 and 15.3.
 */
public final class MailSnippet implements DeliveryWriter {
    /** A name that is reserved for examples: RFC 2606. */
    private static final String ADDRESS = "https://example.org/";

    @Override
    public String kind() {
        return "mail";
    }

    @Override
    public String ending() {
        return "-mail.html";
    }

    @Override
    public String mediaType() {
        return "text/html;charset=UTF-8";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        out.write(snippet(order.look().brand(), Specimen.of(order.look())).getBytes(StandardCharsets.UTF_8));
    }

    private static String snippet(Brand brand, Specimen specimen) {
        String heading = face(brand, TypeRole.HEADING);
        String body = face(brand, TypeRole.BODY);
        Rgb page = specimen.pages().get(0);
        Rgb text = specimen.texts().get(0);
        StringBuilder html = new StringBuilder("""
                <table role="presentation" cellpadding="0" cellspacing="0" border="0" width="100%%" bgcolor="%1$s" \
                style="background-color:%1$s"><tr><td style="padding:24px">
                <h1 style="margin:0 0 12px;%2$s;color:%3$s">%4$s</h1>
                <p style="margin:0 0 16px;%5$s;color:%6$s">A text, and <a href="%7$s" style="color:%8$s">a link in it</a>.</p>
                <table role="presentation" cellpadding="0" cellspacing="0" border="0"><tr><td bgcolor="%9$s" \
                style="background-color:%9$s;padding:10px 18px"><a href="%7$s" \
                style="%5$s;color:%10$s;text-decoration:none">A button</a></td></tr></table>
                """.formatted(
                        page.hex(),
                        heading,
                        specimen.lettered().get(TypeRole.HEADING).hex(),
                        Xml.text(brand.name()),
                        body,
                        text.hex(),
                        ADDRESS,
                        specimen.link().hex(),
                        specimen.lead().hex(),
                        specimen.onLead().hex()));
        html.append("<table cellpadding=\"6\" cellspacing=\"0\" border=\"0\" style=\"margin-top:24px;")
                .append(body)
                .append(";color:")
                .append(text.hex())
                .append("\">\n");
        Map<String, Rgb> rows = new LinkedHashMap<>();
        rows.put("Page", page);
        rows.put("Second page colour", specimen.pages().get(1));
        rows.put("Text", text);
        rows.put("Heading", specimen.lettered().get(TypeRole.HEADING));
        rows.put("Link", specimen.link());
        rows.put("Visited link", specimen.followedLink());
        rows.put("Button", specimen.lead());
        rows.put("Text on a button", specimen.onLead());
        rows.forEach((name, color) -> html.append(row(name, color)));
        for (Swatch swatch : brand.usable().swatches()) {
            html.append(row(brand.shortCode().map(code -> code + " ").orElse("") + swatch.name(), swatch.color()));
        }
        return html.append("</table>\n</td></tr></table>\n").toString();
    }

    private static String row(String name, Rgb color) {
        return "<tr><td width=\"48\" bgcolor=\"%1$s\" style=\"background-color:%1$s\">&nbsp;</td><td>%2$s</td><td>%1$s</td></tr>\n"
                .formatted(color.hex(), Xml.text(name));
    }

    private static String face(Brand brand, TypeRole role) {
        var lettering = brand.type().get(role);
        return "font-family:%s;font-size:%spx;font-weight:%d;line-height:1.4"
                .formatted(
                        Xml.text(FontStack.of(lettering).css()).replace("&quot;", "'"),
                        Math.round(lettering.sizes().site()),
                        lettering.weight());
    }
}
