package app.zumbido.formats.guide;

import app.zumbido.core.brand.Look;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.core.guide.layout.Inks;
import app.zumbido.core.guide.layout.Lettered;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;

/** The guide as one page for the web that needs no other file: it folds for a telephone, and codes are copied by a click. */
public final class GuideHtml implements DeliveryWriter {
    /** Of the board that it is laid out on, in CSS pixels. */
    private static final int WIDTH = 840;

    private static final String SCRIPT = """
            for (const code of document.querySelectorAll('code')) {
              const text = code.textContent;
              const button = document.createElement('button');
              button.type = 'button';
              button.textContent = text;
              button.setAttribute('aria-label', 'Copy ' + text);
              button.addEventListener('click', async () => {
                try {
                  await navigator.clipboard.writeText(text);
                } catch {
                  const field = document.createElement('textarea');
                  field.value = text;
                  document.body.append(field);
                  field.select();
                  document.execCommand('copy');
                  field.remove();
                  button.focus();
                }
                document.getElementById('said').textContent = 'Copied ' + text;
              });
              code.replaceChildren(button);
            }
            """;

    @Override
    public String kind() {
        return "guide-html";
    }

    @Override
    public String ending() {
        return "-guide.html";
    }

    @Override
    public String mediaType() {
        return "text/html;charset=UTF-8";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        Look look = order.look();
        Sheet board =
                new Sheet(SheetFormat.BOARD, false, look.brand().guide().sheet().spacing(), WIDTH);
        Guide guide = Guide.of(look, order.assets(), board, false);
        out.write(written(guide, new WebLogos(order.assets())).getBytes(StandardCharsets.UTF_8));
    }

    private static String written(Guide guide, WebLogos logos) {
        WebFaces faces =
                new WebFaces(guide.look().brand().type(), guide.typesetter().faces());
        HtmlParts body = new HtmlParts(guide, faces, logos);
        Page page = guide.layout().pages().get(0);
        page.parts().forEach(body::used);
        page.parts().forEach(body::part);
        Markup html = new Markup();
        html.raw("<!doctype html>\n").open("html", "lang", PdfDocument.LANGUAGE).line();
        html.open("head").line();
        html.open("meta", "charset", "utf-8").line();
        html.open("meta", "name", "viewport", "content", "width=device-width, initial-scale=1")
                .line();
        html.open("title").text(guide.title()).close().line();
        html.open("style").raw(faces.rules()).raw(style(guide, faces)).close().line();
        html.close().line();
        html.open("body").line();
        html.raw("<svg width=\"0\" height=\"0\" aria-hidden=\"true\" style=\"position:absolute\">")
                .raw(logos.symbols())
                .raw("</svg>\n");
        html.open("main").line().raw(body.written()).close().line();
        html.raw("<p id=\"said\" role=\"status\"></p>\n");
        html.open("script").raw(SCRIPT).close().line();
        return html.close().line().close().line().toString();
    }

    private static String style(Guide guide, WebFaces faces) {
        Inks inks = guide.content().inks();
        double gap = 26 * spacing(guide).factor();
        // A name of a family must not end the style.
        String body = faces.css(new Lettered(TypeRole.BODY, false, 1)).replace("<", "\\3c ");
        return """
                *{box-sizing:border-box}
                body{margin:0;background:%1$s;color:%2$s;font-size:16px;line-height:1.45;%5$s}
                main{max-width:920px;margin:0 auto;padding:0 clamp(16px,4vw,40px) 64px;overflow-wrap:anywhere}
                section{margin-top:%4$spx}
                section:first-child{margin-top:0}
                section>*+h2,section>*+h3{margin-top:28px}
                h1,h2,h3,p,ul,figure{margin:0}
                h1,h2,h3{line-height:1.18;text-wrap:balance}
                h1+*,h2+*,h3+*,p+p{margin-top:8px}
                ul{list-style:none;padding:0;display:grid;gap:8px;margin-top:12px}
                .row{display:flex;flex-wrap:wrap;gap:10px;margin-top:10px}
                .row>*{min-width:0}
                .stack{display:flex;flex-direction:column;gap:4px}
                .stack>p{font-size:13px;line-height:1.4}
                .filled{padding:14px}
                .tickets>li{display:flex;flex-direction:column}
                .tickets>li>code{margin-top:auto;padding-top:8px}
                .bars>li{display:flex;flex-wrap:wrap;align-items:baseline;gap:2px 10px}
                .bars>li>p{flex:1 0 100%%}
                .steps{display:flex;flex-wrap:wrap}
                .steps code{flex:1 1 0;min-width:64px;padding:6px 2px;text-align:center;font-size:12px}
                .cover{margin:0 calc(-1 * clamp(16px,4vw,40px));padding:clamp(24px,6vw,56px) clamp(16px,4vw,40px);margin-bottom:24px}
                .cover figure{max-width:380px;margin-bottom:clamp(32px,10vw,96px)}
                svg{display:block;width:100%%;height:auto}
                .table{overflow-x:auto;margin-top:10px}
                table{border-collapse:collapse;width:100%%;font-size:13px}
                th,td{text-align:left;vertical-align:top;font-weight:inherit;padding:6px 14px 6px 0;border-bottom:1px solid %3$s;overflow-wrap:normal}
                thead th{border-bottom:2px solid %2$s;font-weight:700}
                td i,th i{display:inline-block;width:12px;height:12px;margin-right:6px;border:1px solid %3$s;vertical-align:-1px}
                code{font:inherit}
                code button{font:inherit;color:inherit;background:none;border:0;padding:0;cursor:copy;text-decoration:underline dotted;text-underline-offset:3px;min-height:24px}
                a{color:%6$s}
                button:focus-visible,a:focus-visible,.table:focus-visible{outline:3px solid %2$s;outline-offset:2px;box-shadow:0 0 0 2px %1$s}
                #said{position:fixed;left:0;bottom:0;margin:0;padding:8px 16px;background:%2$s;color:%1$s}
                #said:empty{display:none}
                @media print{code button{text-decoration:none}section{break-inside:avoid}}
                """.formatted(
                        inks.page().hex(),
                        inks.text().hex(),
                        inks.hairline().hex(),
                        Markup.number(gap),
                        body,
                        inks.link().hex());
    }

    private static Spacing spacing(Guide guide) {
        return guide.look().brand().guide().sheet().spacing();
    }
}
